import { and, gte, inArray, isNotNull, lt, notInArray, sql } from 'drizzle-orm'
import type { ToldWay } from '#shared/api'
import { facts, people } from '../database/schema'
import { theDatabase } from '../utils/database'

/** Facts told of at most. */
const MOST = 400

/** The ways that were told between two moments, fact by fact, the most often told first; with who told them where that is wished. */
export async function waysTold(from: string, to: string, names: boolean): Promise<ToldWay[]> {
  const database = await theDatabase()
  const rows = await database
    .select({
      operation: facts.operation,
      terms: facts.terms,
      answer: facts.answer,
      how: sql<ToldWay['ways'][number]['how']>`${facts.how}`,
      times: sql<number>`count(*)::int`,
      names: names
        ? sql<
            string[]
          >`coalesce(jsonb_agg(distinct ${people.name}) filter (where ${people.name} is not null), '[]'::jsonb)`
        : sql<string[]>`'[]'::jsonb`,
    })
    .from(facts)
    .leftJoin(people, sql`${people.id} = ${facts.personId}`)
    .where(
      and(
        gte(facts.at, from),
        lt(facts.at, to),
        isNotNull(facts.how),
        // What nobody told, and what was found with an aid, is no way of a child's own.
        notInArray(facts.how, ['passed', 'used-an-aid']),
        inArray(facts.evidence, ['said', 'explained']),
        sql`${facts.right} and jsonb_array_length(${facts.terms}) > 1`,
      ),
    )
    .groupBy(facts.operation, facts.terms, facts.answer, facts.how)
    .orderBy(sql`count(*) desc`)
    .limit(10 * MOST)
  const byFact = new Map<string, ToldWay>()
  for (const { operation, terms, answer, how, times, names: who } of rows) {
    // 7 + 6 and 6 + 7 are one fact.
    const sorted = operation === 'add' || operation === 'times' ? [...terms].sort((a, b) => b - a) : terms
    const key = `${operation} ${sorted.join(' ')}`
    const known = byFact.get(key) ?? { operation, terms: sorted, answer, ways: [] }
    const same = known.ways.find((way) => way.how === how)
    const way = {
      how,
      times: times + (same?.times ?? 0),
      names: [...new Set([...(same?.names ?? []), ...who])].sort((a, b) => a.localeCompare(b)),
    }
    byFact.set(key, { ...known, ways: [...known.ways.filter((each) => each !== same), way] })
  }
  const told = ({ ways }: ToldWay) => ways.reduce((sum, { times }) => sum + times, 0)
  const often = (fact: ToldWay) => ({ ...fact, ways: [...fact.ways].sort((a, b) => b.times - a.times) })
  return [...byFact.values()]
    .map(often)
    .sort((a, b) => told(b) - told(a))
    .slice(0, MOST)
}
