import type * as z from 'zod'
import type { changedPersonShape, peopleListShape } from '#shared/requests'
import { asc, eq, getTableColumns, inArray } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { PENNANT_COUNT } from '#core/basics/pennants'
import type { Aim } from '#core/mastery/aims'
import { MOST_CLASSES } from '#core/room/classes'
import { facts, people, seats, sideMembers } from '../database/schema'
import { Refusal } from '../utils/refusal'
import { keepUndoable, rowsNow } from '../undo/keep'
import { theDatabase, writing, type Within } from '../utils/database'

export async function listPeople() {
  const database = await theDatabase()
  const { room: _, ...columns } = getTableColumns(people)
  return database.select(columns).from(people).orderBy(asc(people.name))
}

/** What some people work on, by person; nobody is refused. */
export async function aimsOf(ids: readonly string[]): Promise<Record<string, readonly Aim[]>> {
  if (!ids.length) return {}
  const database = await theDatabase()
  const rows = await database
    .select({ id: people.id, aims: people.aims })
    .from(people)
    .where(inArray(people.id, [...ids]))
  return Object.fromEntries(rows.map(({ id, aims }) => [id, aims]))
}

/** Who has a name already; capitals don't tell people apart. */
function namedIn<P extends { readonly name: string }>(known: readonly P[], name: string): P | undefined {
  return known.find((person) => person.name.toLowerCase() === name.toLowerCase())
}

/** Somebody new beside those who are known, under the next pennant; a name that somebody has is refused, as that of `path`. */
function newPerson(known: readonly { readonly name: string }[], name: string, path: string) {
  const same = namedIn(known, name)
  if (same)
    throw new Refusal(409, 'name-taken', `There is a ${same.name} already; add a letter to tell them apart.`, path)
  return { id: nanoid(10), name, pennant: (known.length % PENNANT_COUNT) + 1 }
}

export async function makePerson({ name, pennant }: { name: string; pennant?: number }): Promise<string> {
  const person = newPerson(await listPeople(), name, 'name')
  await writing((tx) => tx.insert(people).values({ ...person, ...(pennant === undefined ? {} : { pennant }) }))
  return person.id
}

/**
 * Makes all the people of a list at once and puts them, and those of it who are `known`, into a class: all of it or nothing.
 * Returns their ids, the known ones first. Refused are names that somebody has (`name-taken`) and people nobody knows.
 */
export async function makePeople({ names, known, of }: z.output<typeof peopleListShape>): Promise<string[]> {
  return writing(async (tx) => {
    await refuseStrangers(known, tx)
    const here = await tx.select().from(people)
    const rows: (typeof people.$inferInsert)[] = []
    for (const [i, name] of names.entries())
      rows.push({ ...newPerson([...here, ...rows], name, `names.${i}`), classes: of === null ? [] : [of] })
    if (rows.length) await tx.insert(people).values(rows)
    for (const { id, name, classes } of here)
      if (of !== null && known.includes(id) && !classes.includes(of)) {
        if (classes.length === MOST_CLASSES)
          throw new Refusal(422, 'too-many-classes', `${name} belongs to ${MOST_CLASSES} classes already.`, 'known')
        await tx
          .update(people)
          .set({ classes: [...classes, of] })
          .where(eq(people.id, id))
      }
    return [...known, ...rows.map(({ id }) => id)]
  })
}

/**
 * Changes a person's name or pennant. A name that somebody has already is refused (`name-taken`, with who it is) until
 * `merge` says that both are one: their matches and what they practised go to the one who had the name. A merging answers
 * by what it is taken back, any other change null.
 */
export async function changePerson(
  id: string,
  { merge, ...changes }: z.output<typeof changedPersonShape>,
): Promise<string | null> {
  const others = changes.name === undefined ? [] : (await listPeople()).filter((person) => person.id !== id)
  const same = namedIn(others, changes.name ?? '')
  if (same && !merge) {
    const says = `There is a ${same.name} already. Merge both, or add a letter to tell them apart.`
    throw new Refusal(409, 'name-taken', says, 'name', { same: same.id })
  }
  if (same) return mergePeople(id, same.id)
  const changed = await writing((tx) =>
    tx.update(people).set(changes).where(eq(people.id, id)).returning({ id: people.id }),
  )
  if (!changed.length) throw noSuchPerson()
  return null
}

/** Makes two people one; for a day that can be taken back, by what this answers. */
async function mergePeople(from: string, into: string): Promise<string> {
  return writing(async (tx) => {
    const names = new Map(
      (
        await tx
          .select()
          .from(people)
          .where(inArray(people.id, [from, into]))
      ).map(({ id, name }) => [id, name]),
    )
    const undo = await keepUndoable(tx, {
      kind: 'merge',
      says: `${names.get(from)} was merged into ${names.get(into)}`,
      kept: [
        await rowsNow(tx, people, eq(people.id, from)),
        await rowsNow(tx, seats, eq(seats.personId, from), ['person_id']),
        await rowsNow(tx, sideMembers, eq(sideMembers.personId, from), ['person_id']),
        await rowsNow(tx, facts, eq(facts.personId, from), ['person_id']),
      ],
    })
    await tx.update(seats).set({ personId: into }).where(eq(seats.personId, from))
    await tx.update(sideMembers).set({ personId: into }).where(eq(sideMembers.personId, from))
    await tx.update(facts).set({ personId: into }).where(eq(facts.personId, from))
    const gone = await tx.delete(people).where(eq(people.id, from)).returning({ id: people.id })
    if (!gone.length) throw noSuchPerson()
    return undo
  })
}

export const noSuchPerson = () => new Refusal(404, 'no-such-person', 'There is nobody of that kind here.', 'id')

/** Refuses people who are not known here; seats may be without one. */
export async function refuseStrangers(ids: readonly (string | null)[], within: Within): Promise<void> {
  const asked = [...new Set(ids.filter((id) => id !== null))]
  if (!asked.length) return
  const found = new Set(
    (await within.select({ id: people.id }).from(people).where(inArray(people.id, asked))).map(({ id }) => id),
  )
  const i = ids.findIndex((id) => id !== null && !found.has(id))
  if (i >= 0)
    throw new Refusal(
      422,
      'no-such-person',
      'Somebody at the table is not known here any more; choose them anew.',
      `seats.${i}.personId`,
    )
}
