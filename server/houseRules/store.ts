import { and, asc, eq, ne, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { isEqual } from 'ohash'
import { namedRulesProblems, readHouseRulesText } from '#core/format/houseRulesFile'
import type { NamedRules } from '#shared/api'
import { namedRules } from '../database/schema'
import { refusalOf } from '../matches/problems'
import { theDatabase, writing, type Within } from '../utils/database'
import { Refusal, refuseUnstorable } from '../utils/refusal'

const columns = {
  id: namedRules.id,
  game: namedRules.game,
  name: namedRules.name,
  houseRules: namedRules.houseRules,
  version: namedRules.version,
}

/** House rules under a name, of one game or of all. */
export async function listNamedRules(game?: string): Promise<NamedRules[]> {
  const database = await theDatabase()
  return database
    .select(columns)
    .from(namedRules)
    .where(game === undefined ? undefined : eq(namedRules.game, game))
    .orderBy(asc(namedRules.name), asc(namedRules.id))
}

/** Keeps house rules under a name; a name is there once a game. */
export async function keepNamedRules(given: Omit<NamedRules, 'id' | 'version'>): Promise<string> {
  const problems = namedRulesProblems(given.game, given.houseRules)
  if (problems.length) throw refusalOf(problems)
  refuseUnstorable(given)
  const id = nanoid(10)
  await writing(async (tx) => {
    await refuseTaken(given, tx)
    await tx.insert(namedRules).values({ id, ...given })
  })
  return id
}

/** Renames house rules, or keeps other ones under the name: its next version. Matches keep the rules that they were played by. */
export async function changeNamedRules(
  id: string,
  changes: { name?: string; houseRules?: Record<string, unknown> },
): Promise<void> {
  await writing(async (tx) => {
    const [kept] = await tx.select(columns).from(namedRules).where(eq(namedRules.id, id))
    if (!kept) throw noSuchRules()
    const problems = changes.houseRules ? namedRulesProblems(kept.game, changes.houseRules) : []
    if (problems.length) throw refusalOf(problems)
    refuseUnstorable(changes)
    if (changes.name !== undefined) await refuseTaken({ game: kept.game, name: changes.name }, tx, id)
    const { houseRules } = changes
    const other = houseRules !== undefined && !isEqual(houseRules, kept.houseRules)
    await tx
      .update(namedRules)
      .set({ ...changes, ...(other ? { version: kept.version + 1 } : {}) })
      .where(eq(namedRules.id, id))
  })
}

export async function removeNamedRules(id: string): Promise<void> {
  const gone = await writing(
    (tx) => tx.delete(namedRules).where(eq(namedRules.id, id)).returning({ id: namedRules.id }),
    { frees: true },
  )
  if (!gone.length) throw noSuchRules()
}

/** One of them, for the file that is handed on. */
export async function namedRulesOf(id: string): Promise<NamedRules> {
  const database = await theDatabase()
  const [kept] = await database.select(columns).from(namedRules).where(eq(namedRules.id, id))
  if (!kept) throw noSuchRules()
  return kept
}

/** Keeps the house rules of a file; refused with everything that is wrong with it. */
export async function importNamedRules(text: string): Promise<Pick<NamedRules, 'id' | 'game' | 'name'>> {
  const read = readHouseRulesText(text)
  if (!read.ok) throw refusalOf(read.problems)
  const { game, name, houseRules } = read.file
  return { id: await keepNamedRules({ game, name, houseRules }), game, name }
}

const noSuchRules = () =>
  new Refusal(404, 'no-such-rules', 'There are no such house rules; they may have been deleted.', 'id')

async function refuseTaken({ game, name }: Pick<NamedRules, 'game' | 'name'>, within: Within, but = ''): Promise<void> {
  const same = and(
    eq(namedRules.game, game),
    eq(sql`lower(${namedRules.name})`, name.toLowerCase()),
    ne(namedRules.id, but),
  )
  const [found] = await within.select(columns).from(namedRules).where(same)
  if (found)
    throw new Refusal(
      409,
      'name-taken',
      `There are house rules called “${found.name}” already; choose another name.`,
      'name',
      { same: found.id },
    )
}
