import { eq } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { makeMatchFile } from '#core/format/matchFile'
import { gameById } from '#core/games/index'
import { selfPlay } from '#core/kernel/selfPlay'
import { people, settings } from '../database/schema'
import { storeMatch } from '../matches/transfer'
import { isSchool } from '../school/here'
import { theDatabase, type Within } from '../utils/database'
import { PEOPLE, TABLES } from './saturday'
import { environment } from '../utils/environment'

/** Notes that the demo was dealt with, so that it comes only once. */
async function markLoaded(within: Pick<Within, 'insert'>, tables: number): Promise<void> {
  await within.insert(settings).values({ key: 'demo', value: { tables } }).onConflictDoNothing()
}

/** A folder that holds somebody's own matches gets no demo later either. */
export async function leaveOutDemo(): Promise<void> {
  await markLoaded(await theDatabase(), 0)
}

/** Loads the demo into a new data folder, once; `NIMBLE_DEMO=0` leaves it empty. */
export async function loadDemoOnce(): Promise<void> {
  // Rooms of a school begin empty.
  if (!environment().demo || isSchool()) return
  const database = await theDatabase()
  const [loaded] = await database.select().from(settings).where(eq(settings.key, 'demo'))
  if (loaded) return
  await database.transaction(async (tx) => {
    const ids = new Map((await tx.select().from(people)).map(({ name, id }) => [name, id]))
    for (const [i, name] of PEOPLE.entries()) {
      if (ids.has(name)) continue
      const id = nanoid(10)
      await tx.insert(people).values({ id, name, pennant: i + 1 })
      ids.set(name, id)
    }
    for (const [i, table] of TABLES.entries()) {
      const { names, plays, ...rest } = table
      const tape = selfPlay({ ...rest, game: gameById(table.game)!, players: names, most: plays })
      // A quarter of an hour between two tables, so that the list has an order.
      const at = new Date(Date.now() - (TABLES.length - i) * 15 * 60_000).toISOString()
      await storeMatch(tx, {
        id: `saturday-${table.key}`,
        name: table.table ?? '',
        file: makeMatchFile(tape, table.houseRules ?? {}),
        tape,
        seated: names.map((name) => ({ name, pennant: PEOPLE.indexOf(name) + 1, personId: ids.get(name) ?? null })),
        recorded: tape.lines.map((line) => ({ id: `demo-${line.number}`, at })),
        createdAt: at,
        updatedAt: at,
        used: 0,
      })
    }
    await markLoaded(tx, TABLES.length)
  })
}
