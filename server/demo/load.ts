import { eq } from 'drizzle-orm'
import { makeMatchFile } from '#core/format/matchFile'
import { gameById } from '#core/games/index'
import { readHouseRules } from '#core/houseRules'
import { awaits, openMatch } from '#core/match'
import { randomFor } from '#core/random'
import { addEntry, foldTape, type Tape } from '#core/tape'
import { settings } from '../database/schema'
import { makePerson } from '../matches/people'
import { storeMatch } from '../matches/transfer'
import { theDatabase } from '../utils/database'
import { PEOPLE, TABLES, type DemoTable } from './saturday'

/** Loads the demo into a new data folder, once; `NIMBLE_DEMO=0` leaves it empty. */
export async function loadDemoOnce(): Promise<void> {
  if (process.env.NIMBLE_DEMO === '0') return
  const database = await theDatabase()
  const [loaded] = await database.select().from(settings).where(eq(settings.key, 'demo'))
  if (loaded) return
  const ids = new Map<string, string>()
  for (const [i, name] of PEOPLE.entries()) ids.set(name, await makePerson({ name, pennant: i + 1 }))
  await database.transaction(async (tx) => {
    for (const [i, table] of TABLES.entries()) {
      const tape = playTable(table)
      // A quarter of an hour between two tables, so that the list has an order.
      const at = new Date(Date.now() - (TABLES.length - i) * 15 * 60_000).toISOString()
      await storeMatch(tx, {
        id: `saturday-${table.key}`,
        file: makeMatchFile(tape, table.houseRules ?? {}),
        tape,
        seated: table.names.map((name) => ({ name, pennant: PEOPLE.indexOf(name) + 1, personId: ids.get(name) ?? null })),
        recorded: tape.lines.map((line) => ({ id: `demo-${line.number}`, at })),
        createdAt: at,
        updatedAt: at,
        used: 0,
      })
    }
    await tx.insert(settings).values({ key: 'demo', value: { tables: TABLES.length } }).onConflictDoNothing()
  })
}

/** Plays a table of the demo through the same judge that a real match goes through. */
function playTable({ game: id, names, houseRules = {}, first = 1, source = 'table', key, plays = 5000, script = {} }: DemoTable): Tape {
  const game = gameById(id)!
  const read = readHouseRules(game, houseRules, names.length)
  if (!read.ok) throw new Error(`demo ${key}: ${JSON.stringify(read.problems)}`)
  const opening = game.dealOpening(read.rules, names.length, randomFor(key, 'opening'))
  const opened = openMatch(game, { houseRules, players: names, first, source, seed: source === 'dealt' ? key : null, opening })
  if (!opened.ok) throw new Error(`demo ${key}: ${JSON.stringify(opened.problems)}`)
  let tape = foldTape(opened.table, opened.state, [])
  for (let n = 0; n < plays; n++) {
    const waits = awaits(tape.table, tape.state)
    if (!waits) break
    const { rules, game: state, played } = tape.state
    const seat = waits.seats[n % waits.seats.length]!
    // In a dealt match the bot gets the dealer's own chance.
    tape = addEntry(tape, script[n] ?? { play: game.bot(rules, state, seat, source === 'dealt' ? randomFor(key, 'deal', played) : randomFor(key, n)) })
  }
  return tape
}
