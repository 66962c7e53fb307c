import { asc, eq } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { PENNANT_COUNT } from '#core/pennants'
import { people } from '../database/schema'
import { Refusal } from '../utils/refusal'
import { theDatabase } from '../utils/database'

export async function listPeople() {
  const database = await theDatabase()
  return database.select().from(people).orderBy(asc(people.name))
}

export async function makePerson(given: { name: string; pennant?: number }): Promise<string> {
  const database = await theDatabase()
  const known = await listPeople()
  const same = known.find((person) => person.name.toLowerCase() === given.name.toLowerCase())
  if (same) throw new Refusal(409, 'name-taken', `There is a ${same.name} already; add a letter to tell them apart.`, 'name')
  const id = nanoid(10)
  await database.insert(people).values({ id, name: given.name, pennant: given.pennant ?? (known.length % PENNANT_COUNT) + 1 })
  return id
}

export async function changePerson(id: string, changes: { name?: string; pennant?: number }): Promise<void> {
  const database = await theDatabase()
  const changed = await database.update(people).set(changes).where(eq(people.id, id)).returning({ id: people.id })
  if (!changed.length) throw new Refusal(404, 'no-such-person', 'There is nobody of that kind here.', 'id')
}

/** Forgets a person. The matches stay; their seats keep only the name that was typed. */
export async function removePerson(id: string): Promise<void> {
  const database = await theDatabase()
  const gone = await database.delete(people).where(eq(people.id, id)).returning({ id: people.id })
  if (!gone.length) throw new Refusal(404, 'no-such-person', 'There is nobody of that kind here.', 'id')
}
