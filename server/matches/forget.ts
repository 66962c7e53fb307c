import { and, count, eq, inArray, isNull, like, lt, notExists, or, sql, type SQL } from 'drizzle-orm'
import { monthsBefore } from '#core/basics/calendar'
import type { Forgotten } from '#shared/people'
import { PEOPLE } from '../demo/saturday'
import type { PgColumn } from 'drizzle-orm/pg-core'
import { entries, facts, matches, people, roomSessions, seats, sideMembers, whoSat } from '../database/schema'
import { dropNaming, keepUndoable, rowsNow } from '../undo/keep'
import { yieldLoop } from '../utils/yieldLoop'
import { roomZone } from '../room/zone'
import { theDatabase, writing, type Within } from '../utils/database'
import { tell } from './live'
import { noSuchPerson } from './people'
import { membersIn } from './seats'
import { renamed } from './store'
import { forgetTape } from './tapes'

/** What is written where a name was: nobody in particular. */
const NOBODY = 'a player'
/** Matches deleted in one transaction, so that others wait for a moment only. */
const BATCH = 50

/**
 * Forgets a person: their name becomes “a player” in every match, also where it was only typed, and in remarks; what they
 * practised is deleted, and they are. Match by match, the person last: cut short, it can be done again. For a day it can be
 * taken back, by `undo`; then it is final.
 */
export async function forgetPerson(id: string): Promise<{ readonly forgotten: Forgotten; readonly undo: string }> {
  const database = await theDatabase()
  const [person] = await database.select().from(people).where(eq(people.id, id))
  if (!person) throw noSuchPerson()
  const theirs = or(
    eq(seats.personId, id),
    and(isNull(seats.personId), eq(sql`lower(${seats.name})`, person.name.toLowerCase())),
    sql`exists (select 1 from ${membersIn(seats)} as member where lower(member) = ${person.name.toLowerCase()})`,
  )
  const rows = await database.selectDistinct({ match: seats.matchId }).from(seats).where(theirs)
  const undo = await writing((tx) => keepForgotten(tx, person, idsOfMatches(rows)), { frees: true })
  let [gone, remarks] = [0, 0]
  for (const { match } of rows) {
    await writing(
      async (tx) => {
        const seated = await tx.select().from(seats).where(eq(seats.matchId, match)).for('update')
        const names = new Set(seated.map(({ name }) => name.toLowerCase()))
        for (const seat of seated) {
          await leaveSide(seat, person.name, tx)
          const isTheirs =
            seat.personId === id || (seat.personId === null && seat.name.toLowerCase() === person.name.toLowerCase())
          if (!isTheirs) continue
          const name = freeName(names)
          names.add(name)
          const where = and(eq(seats.matchId, match), eq(seats.seat, seat.seat))
          await tx.update(seats).set({ name, personId: null }).where(where)
          const deleted = await tx
            .delete(facts)
            .where(and(eq(facts.matchId, match), eq(facts.seat, seat.seat)))
            .returning({ entry: facts.entry })
          gone += deleted.length
        }
        remarks += await replaceInTexts(match, person.name, tx)
      },
      { frees: true },
    )
    await renamed(match, { frees: true })
    await yieldLoop()
  }
  const left = await writing(
    async (tx) => {
      const deleted = await tx.delete(facts).where(eq(facts.personId, id)).returning({ entry: facts.entry })
      await tx.delete(people).where(eq(people.id, id))
      return deleted.length
    },
    { frees: true },
  )
  return { forgotten: { people: 1, matches: rows.length, facts: gone + left, remarks }, undo }
}

const idsOfMatches = (rows: readonly { readonly match: string }[]) => rows.map(({ match }) => match)

/** Keeps what forgetting somebody changes, for the day in which it is not final. What was kept of them before goes. */
async function keepForgotten(
  tx: Within,
  person: { readonly id: string; readonly name: string },
  played: readonly string[],
): Promise<string> {
  await dropNaming(tx, person)
  const there = (column: PgColumn) => (played.length ? inArray(column, [...played]) : sql`false`)
  const named = `%${person.name.replace(/[\\%_]/g, '\\$&')}%`
  return keepUndoable(tx, {
    kind: 'forget',
    says: `${person.name} was forgotten`,
    kept: [
      await rowsNow(tx, people, eq(people.id, person.id)),
      await rowsNow(tx, matches, and(there(matches.id), sql`${matches.name} ilike ${named}`)!, ['name']),
      await rowsNow(tx, seats, there(seats.matchId), ['name', 'person_id', 'members']),
      await rowsNow(tx, sideMembers, eq(sideMembers.personId, person.id)),
      await rowsNow(tx, entries, and(there(entries.matchId), sql`${entries.entry}->>'why' ilike ${named}`)!, ['entry']),
      await rowsNow(
        tx,
        facts,
        or(
          eq(facts.personId, person.id),
          and(
            there(facts.matchId),
            sql`exists (select 1 from ${seats} s where s.match_id = ${facts.matchId} and s.seat = ${facts.seat} and s.person_id is null and lower(s.name) = ${person.name.toLowerCase()})`,
          ),
        )!,
      ),
    ],
  })
}

/** Takes a name out of the members of a side. */
async function leaveSide({ matchId, seat, members }: typeof seats.$inferSelect, name: string, tx: Within) {
  const theirs = (member: string) => member.toLowerCase() === name.toLowerCase()
  if (!members?.some(theirs)) return
  const left = members.map((member) => (theirs(member) ? NOBODY : member))
  await tx
    .update(seats)
    .set({ members: left })
    .where(and(eq(seats.matchId, matchId), eq(seats.seat, seat)))
}

/** A name that nobody at this table has. */
function freeName(names: ReadonlySet<string>): string {
  if (!names.has(NOBODY)) return NOBODY
  let n = 2
  while (names.has(`${NOBODY} ${n}`)) n++
  return `${NOBODY} ${n}`
}

/** Takes a name out of the table's own name and of the remarks of its entries; how many were changed. */
async function replaceInTexts(match: string, name: string, tx: Within): Promise<number> {
  const whole = new RegExp(`(?<![\\p{L}\\p{N}])${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}\\p{N}])`, 'giu')
  const [row] = await tx.select({ name: matches.name }).from(matches).where(eq(matches.id, match))
  if (row && whole.test(row.name))
    await tx
      .update(matches)
      .set({ name: row.name.replace(whole, NOBODY).slice(0, 40) })
      .where(eq(matches.id, match))
  const told = await tx
    .select({ number: entries.number, entry: entries.entry })
    .from(entries)
    .where(and(eq(entries.matchId, match), sql`${entries.entry} ? 'why'`))
  let changed = 0
  for (const { number, entry } of told) {
    const { why } = entry as { why?: unknown }
    const without = typeof why === 'string' ? why.replace(whole, NOBODY) : why
    if (without === why) continue
    const where = and(eq(entries.matchId, match), eq(entries.number, number))
    await tx
      .update(entries)
      .set({ entry: { ...(entry as object), why: without } })
      .where(where)
    changed++
  }
  return changed
}

/** What is older than so many months. */
interface Old {
  readonly matches: readonly string[]
  readonly people: readonly string[]
  readonly facts: number
}

/** Matches that nothing was recorded in for so many months, and people who have played nothing since. */
async function olderThan(months: number): Promise<Old> {
  const database = await theDatabase()
  const before = await cutoff(months)
  const old = await database.select({ id: matches.id }).from(matches).where(lt(matches.updatedAt, before))
  const idle = await database.select({ id: people.id }).from(people).where(idleSince(database, before))
  return { matches: idsOf(old), people: idsOf(idle), facts: await factsIn(lt(matches.updatedAt, before)) }
}

const counted = (old: Old): Forgotten => ({
  matches: old.matches.length,
  people: old.people.length,
  facts: old.facts,
  remarks: 0,
})
const idsOf = (rows: readonly { readonly id: string }[]) => rows.map(({ id }) => id)

/** Facts practised in some matches. */
async function factsIn(where: SQL): Promise<number> {
  const database = await theDatabase()
  const [found] = await database
    .select({ n: count() })
    .from(facts)
    .innerJoin(matches, eq(matches.id, facts.matchId))
    .where(where)
  return found!.n
}

export const countOlder = async (months: number): Promise<Forgotten> => counted(await olderThan(months))

/** Forgets them for good. */
export async function forgetOlder(months: number): Promise<Forgotten> {
  const old = await olderThan(months)
  const before = await cutoff(months)
  await deleteMatches(old.matches)
  await deletePeople(old.people)
  await writing(
    (tx) =>
      tx
        .delete(roomSessions)
        .where(
          and(
            lt(roomSessions.endedAt, before),
            notExists(tx.select({ id: matches.id }).from(matches).where(eq(matches.sessionId, roomSessions.id))),
          ),
        ),
    { frees: true },
  )
  return counted(old)
}

/** What was last touched before this moment is older than so many months. */
const cutoff = async (months: number) => monthsBefore(new Date(), months, await roomZone())

/** Known since before that day, and at no table since. */
function idleSince(database: Pick<Within, 'select'>, before: string) {
  const since = database
    .select({ seat: whoSat.seat })
    .from(whoSat)
    .innerJoin(matches, eq(matches.id, whoSat.matchId))
    .where(and(eq(whoSat.personId, people.id), sql`${matches.updatedAt} >= ${before}::timestamptz`))
  return and(lt(people.createdAt, before), notExists(since))
}

const ofDemo = like(matches.id, 'saturday-%')

/** Whether matches of the demo are here. */
export async function isDemoHere(): Promise<boolean> {
  const database = await theDatabase()
  return (await database.select({ id: matches.id }).from(matches).where(ofDemo).limit(1)).length > 0
}

/** Clears the demo's tables away, and its people where nobody played with them otherwise. */
export async function clearDemo(): Promise<Forgotten> {
  const database = await theDatabase()
  const demo = idsOf(await database.select({ id: matches.id }).from(matches).where(ofDemo))
  const practised = await factsIn(ofDemo)
  await deleteMatches(demo)
  const seated = database.select({ seat: whoSat.seat }).from(whoSat).where(eq(whoSat.personId, people.id))
  const left = await database
    .select({ id: people.id })
    .from(people)
    .where(and(inArray(people.name, [...PEOPLE]), notExists(seated)))
  const gone = demo.length ? idsOf(left) : []
  await deletePeople(gone)
  return counted({ matches: demo, people: gone, facts: practised })
}

async function deleteMatches(ids: readonly string[]): Promise<void> {
  for (let i = 0; i < ids.length; i += BATCH) {
    const some = ids.slice(i, i + BATCH)
    await writing((tx) => tx.delete(matches).where(inArray(matches.id, some)), { frees: true })
    for (const id of some) forgetTape(id)
    await yieldLoop()
  }
  if (ids.length) tell({ kind: 'many', match: '' })
}

async function deletePeople(ids: readonly string[]): Promise<void> {
  for (let i = 0; i < ids.length; i += BATCH)
    await writing((tx) => tx.delete(people).where(inArray(people.id, ids.slice(i, i + BATCH))), { frees: true })
}
