import { and, countDistinct, desc, eq, inArray, sql, type SQL, type SQLWrapper } from 'drizzle-orm'
import { QueryBuilder } from 'drizzle-orm/pg-core'
import { boundsOfDay } from '#core/basics/calendar'
import { localTime, makeSpreadsheet } from '#core/format/spreadsheet'
import { matchTitle } from '#core/games/titles'
import type { ListedMatch, Series, Week } from '#shared/api'
import type { Logged } from '#shared/requests'
import { rowsOf } from '../database/rows'
import { entries, facts, matches, people, seats, whoSat } from '../database/schema'
import { roomZone } from '../room/zone'
import { yieldLoop } from '../utils/yieldLoop'
import { theDatabase } from '../utils/database'
import { listedWhere, type Place } from './store'

/** Which matches are asked for; every part left out is no limit. */
async function wanted({ who, of, game, table, from, to, q }: Logged): Promise<SQL | undefined> {
  const zone = from || to ? await roomZone() : ''
  const like = `%${q.replace(/[\\%_]/g, '\\$&')}%`
  const found = q
    ? sql`(${matches.name} ilike ${like} or ${matches.summary}->>'line' ilike ${like} or exists (select 1 from ${seats} s where s.match_id = ${matches.id} and s.name ilike ${like}))`
    : undefined
  return and(
    satThere(who),
    of ? someoneOf(of) : undefined,
    from ? sql`${matches.updatedAt} >= ${boundsOfDay(from, zone).from}` : undefined,
    to ? sql`${matches.updatedAt} < ${boundsOfDay(to, zone).to}` : undefined,
    game ? eq(matches.game, game) : undefined,
    table ? eq(matches.name, table) : undefined,
    found,
  )
}

/** Matches at which somebody of a class sat. */
function someoneOf(name: string): SQL {
  const theirs = new QueryBuilder()
    .select({ id: whoSat.matchId })
    .from(whoSat)
    .innerJoin(people, eq(people.id, whoSat.personId))
    .where(sql`${people.classes} @> ${JSON.stringify([name])}::jsonb`)
  return inArray(matches.id, theirs)
}

/** Matches at which each of some people sat; one question however many they are. */
function satThere(who: readonly string[]): SQL | undefined {
  if (!who.length) return undefined
  const theirs = new QueryBuilder()
    .select({ id: whoSat.matchId })
    .from(whoSat)
    .where(inArray(whoSat.personId, [...who]))
    .groupBy(whoSat.matchId)
    .having(eq(countDistinct(whoSat.personId), who.length))
  return inArray(matches.id, theirs)
}

/** A page of the logbook, the newest first, and how many matches there are in all; no tape is read for it. */
export async function logbookPage(asked: Logged, limit: number, before: Place | null) {
  const database = await theDatabase()
  const where = await wanted(asked)
  const place = before
    ? sql`(${matches.updatedAt}, ${matches.id}) < (${before.at}::timestamptz, ${before.id})`
    : undefined
  const listed = await listedWhere(and(where, place), limit + 1)
  const page = listed.slice(0, limit)
  const last = page.at(-1)
  const [all] = before
    ? [null]
    : await database
        .select({ n: sql<number>`count(*)::int` })
        .from(matches)
        .where(where)
  return {
    matches: page,
    next: listed.length > limit && last ? `${last.updatedAt}~${last.id}` : null,
    total: all?.n ?? null,
  }
}

/** Names that tables in the room have had, the most used first. */
export async function tableNames(): Promise<string[]> {
  const database = await theDatabase()
  const rows = await database
    .select({ name: matches.name, n: sql<number>`count(*)::int` })
    .from(matches)
    .where(sql`${matches.name} <> ''`)
    .groupBy(matches.name)
    .orderBy(desc(sql`count(*)`), matches.name)
    .limit(50)
  return rows.map(({ name }) => name)
}

/** Matches won among exactly these people, game by game; shared wins count for each of those who share. */
export async function seriesOf(who: readonly string[]): Promise<Series[]> {
  if (who.length < 2) return []
  const database = await theDatabase()
  const rows = await rowsOf<{ game: string; person: string | null; won: number; played: number }>(
    database,
    sql`
    with theirs as (
      select m.id, m.game, m.summary
      from ${matches} m join ${seats} s on s.match_id = m.id
      where m.over
      group by m.room, m.id
      having count(*) = ${who.length} and count(distinct s.person_id) filter (where s.person_id in ${sql`(${sql.join(
        who.map((id) => sql`${id}`),
        sql`, `,
      )})`}) = ${who.length}
    )
    select t.game, s.person_id as person, count(*)::int as played,
      count(*) filter (where t.summary->'result'->'winners' @> to_jsonb(s.seat))::int as won
    from theirs t join ${seats} s on s.match_id = t.id
    group by t.game, s.person_id order by t.game`,
  )
  const byGame = new Map<string, { played: number; won: Map<string, number> }>()
  for (const { game, person, won, played } of rows) {
    const found = byGame.get(game) ?? { played, won: new Map<string, number>() }
    byGame.set(game, found)
    if (person) found.won.set(person, won)
  }
  return [...byGame].map(([game, { played, won }]) => ({
    game,
    played,
    won: who.map((person) => won.get(person) ?? 0),
  }))
}

/** Weeks that are looked back on. */
const WEEKS = 26

/** Week by week: matches begun, answers said and right (of the first person asked for, else of all), seconds a play in the middle. */
export async function weeksOf(asked: Logged): Promise<Week[]> {
  const database = await theDatabase()
  const zone = await roomZone()
  /** The Monday of the week in which a moment falls, by the room's own clocks. */
  const weekOf = (at: SQLWrapper) => sql<string>`to_char(date_trunc('week', ${at} at time zone ${zone}), 'YYYY-MM-DD')`
  const since = sql`(date_trunc('week', now() at time zone ${zone}) - make_interval(weeks => ${WEEKS - 1})) at time zone ${zone}`
  const where = and(await wanted(asked), sql`${matches.createdAt} >= ${since}`)
  const counted = await database
    .select({ week: weekOf(matches.createdAt), n: sql<number>`count(*)::int` })
    .from(matches)
    .where(where)
    .groupBy(sql`1`)
  await yieldLoop()
  const [person] = asked.who
  const answered = await database
    .select({
      week: weekOf(facts.at),
      said: sql<number>`count(*)::int`,
      right: sql<number>`count(*) filter (where ${facts.right})::int`,
    })
    .from(facts)
    .innerJoin(matches, eq(matches.id, facts.matchId))
    .where(and(where, sql`${facts.said} is not null`, person ? eq(facts.personId, person) : undefined))
    .groupBy(sql`1`)
  await yieldLoop()
  const paced = await rowsOf<{ week: string; pace: number }>(
    database,
    sql`
    select ${weekOf(sql`at`)} as week, percentile_cont(0.5) within group (order by gap)::float as pace
    from (
      select ${entries.at} as at, extract(epoch from ${entries.at} - lag(${entries.at}) over (partition by ${entries.matchId} order by ${entries.number})) as gap
      from ${entries} join ${matches} on ${matches.id} = ${entries.matchId}
      where ${where ?? sql`true`}
    ) gaps
    where gap between 1 and 180 group by 1`,
  )
  const weeks = new Map<string, Week>()
  const of = (week: string) => weeks.get(week) ?? { week, matches: 0, said: 0, right: 0, pace: null }
  for (const { week, n } of counted) weeks.set(week, { ...of(week), matches: n })
  for (const { week, said, right } of answered) weeks.set(week, { ...of(week), said, right })
  for (const { week, pace } of paced) weeks.set(week, { ...of(week), pace: Math.round(pace * 10) / 10 })
  return [...weeks.values()].sort((a, b) => (a.week < b.week ? -1 : 1))
}

/** Matches read at once for the CSV. */
const PAGE = 500

/** All of it as CSV, piece by piece: a row a match. */
export async function* logbookCsv(asked: Logged): AsyncGenerator<string> {
  const [where, zone] = [await wanted(asked), await roomZone()]
  let before: Place | null = null
  let heading = true
  for (;;) {
    const place: SQL | undefined = before
      ? sql`(${matches.updatedAt}, ${matches.id}) < (${before.at}::timestamptz, ${before.id})`
      : undefined
    const page: ListedMatch[] = await listedWhere(and(where, place), PAGE)
    if (page.length || heading)
      yield makeSpreadsheet(
        page.map((match) => csvRow(match, zone)),
        { columns: COLUMNS, goesOn: !heading },
      )
    heading = false
    const last = page.at(-1)
    if (page.length < PAGE || !last) return
    before = { at: last.updatedAt, id: last.id }
    await yieldLoop()
  }
}

const COLUMNS = [
  'began',
  'changed',
  'game',
  'table',
  'players',
  'scores',
  'winners',
  'over',
  'entries',
  'match',
  'minutes',
]

function csvRow(match: ListedMatch, zone: string) {
  const { id, game, houseRules, name, seats: seated, summary, over, last, clock, createdAt, updatedAt } = match
  return {
    began: localTime(createdAt, zone),
    changed: localTime(updatedAt, zone),
    game: matchTitle({ game, houseRules }),
    table: name,
    players: seated.map((seat) => seat.name).join('; '),
    scores: summary.standing.join('; '),
    winners: (summary.result?.winners ?? []).map((seat) => seated[seat - 1]?.name ?? '').join('; '),
    over: over ? 'yes' : 'no',
    entries: last,
    match: id,
    // Of its clock; empty where none ran.
    minutes: clock.used ? Math.round(clock.used / 6_000) / 10 : '',
  }
}
