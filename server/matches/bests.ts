import { and, desc, eq, inArray, isNotNull, sql } from 'drizzle-orm'
import type { Best, Game } from '#core/contract/game'
import { gameById } from '#core/games/index'
import { readHouseRules } from '#core/kernel/houseRules'
import { bestYet, ownBests, type Finished, type OwnBest } from '#core/mastery/bests'
import type { BestYet } from '#shared/people'
import { facts, matches, seats } from '../database/schema'
import { theDatabase } from '../utils/database'
import { yieldLoop } from '../utils/yieldLoop'
import { noSuchMatch } from './read'

/** Matches of one person that are looked through: years of play. */
const MOST = 5000

/**
 * Matches that a person played alone at a seat and to their own end, of one game or of all, the newest first: with a call
 * nobody is at an end.
 */
async function finishedBy(person: string, only?: string): Promise<Finished[]> {
  const database = await theDatabase()
  const rows = await database
    .select({
      match: matches.id,
      game: matches.game,
      houseRules: matches.houseRules,
      seat: seats.seat,
      players: sql<number>`(select count(*)::int from ${seats} others where others.match_id = ${matches.id})`,
      at: matches.createdAt,
      summary: matches.summary,
    })
    .from(seats)
    .innerJoin(matches, eq(matches.id, seats.matchId))
    .where(
      and(
        eq(seats.personId, person),
        only === undefined ? undefined : eq(matches.game, only),
        matches.over,
        sql`${matches.summary}->'result'->>'ended' is null`,
      ),
    )
    .orderBy(desc(matches.createdAt), desc(matches.id))
    .limit(MOST)
  const answers = await database
    .select({
      match: facts.matchId,
      said: sql<number>`count(*)::int`,
      wrong: sql<number>`(count(*) filter (where not ${facts.right}))::int`,
    })
    .from(facts)
    .where(and(eq(facts.personId, person), inArray(facts.evidence, ['said', 'explained']), isNotNull(facts.said)))
    .groupBy(facts.matchId)
  const byMatch = new Map(answers.map((each) => [each.match, each]))
  const finished: Finished[] = []
  for (const { summary, seat, at, ...row } of rows) {
    const game = gameById(row.game)
    if (!game) continue
    const score = summary.standing[seat - 1] ?? 0
    const { said = 0, wrong = 0 } = byMatch.get(row.match) ?? {}
    finished.push({ ...row, ...measure(game, row), score, at: new Date(at).toISOString(), said, wrong })
    if (finished.length % 250 === 0) await yieldLoop()
  }
  return finished
}

/** What makes a score the best under rules as they were named; null where one plays to a score. */
function measure(
  game: Game,
  { houseRules, players }: Pick<Finished, 'houseRules' | 'players'>,
): { best: Best | null; goal: number | null } {
  const read = readHouseRules(game, houseRules, players)
  if (!read.ok) return { best: null, goal: null }
  const best = game.best?.(read.rules) ?? 'most'
  const goal = game.goal?.(read.rules) ?? null
  return { best: best !== 'nearest' && goal !== null ? null : best, goal }
}

/** A person's own bests, game by game and rules by rules, those played last first. */
export async function bestsOf(person: string): Promise<OwnBest[]> {
  return ownBests(await finishedBy(person))
}

/** By seat: whether a match was the best yet of whoever sits there alone; nobody is compared with anybody else. */
export async function bestsAt(match: string): Promise<BestYet[]> {
  const database = await theDatabase()
  const seated = await database
    .select({ game: matches.game, seat: seats.seat, person: seats.personId })
    .from(matches)
    .innerJoin(seats, eq(seats.matchId, matches.id))
    .where(eq(matches.id, match))
    .orderBy(seats.seat)
  if (!seated.length) throw noSuchMatch()
  const found: BestYet[] = []
  for (const { game, seat, person } of seated) {
    if (person === null) continue
    // Other games are another best: nothing of them is looked through.
    const yet = bestYet(await finishedBy(person, game), match)
    if (yet.score || yet.wrong) found.push({ seat, ...yet })
  }
  return found
}
