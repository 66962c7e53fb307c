import { spawnSync } from 'node:child_process'
import assert from 'node:assert/strict'
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { loadavg, tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { Bench } from 'tinybench'
import { GAMES } from '#core/games/index'
import { Odds } from '#core/games/brim/odds'
import { tilesIn } from '#core/games/roof-tiles/layout'
import { solve } from '#core/games/roof-tiles/solve'
import { judgePlay } from '#core/kernel/match'
import { cardsOf } from '#core/kit/pack'
import { randomFor } from '#core/basics/random'
import { foldTape, type Tape } from '#core/kernel/tape'
import { makeMatchFile, readMatchText, type MatchFile } from '#core/format/matchFile'
import { readHouseRules } from '#core/kernel/houseRules'
import { ruleFields } from '#core/kernel/ruleFields'
import { labTimes } from './lab'
import { plainJudge, plainStart } from './plainBrim'
import { atLeast, atMost, report, type Row } from './report'
import { searches } from './searches'
import { botTape } from './tapes'

/** A tape of exactly `entries` plays: bots' matches one after another would be another match, so the rules are as long as they go. */
function longTape(game: (typeof GAMES)[number], entries: number): Tape {
  const seats = Math.min(3, game.about.seats.high)
  const tape = botTape(game, seats, 5, longest(game, seats), entries)
  const raws = tape.lines.map((line) => line.raw)
  // A game that can't last so long is filled up with what tables bring between plays: refused plays and rulings.
  const refused = raws[0]
  while (raws.length < entries) raws.push(raws.length % 3 ? refused : { ruling: { award: { by: 1, points: 0 } } })
  return foldTape(tape.table, tape.start, raws)
}

/** Brim through a general framework for turn games, where that was installed; no part of the app. */
async function framework() {
  if (!existsSync('scripts/bench/framework/node_modules')) return null
  process.env.NODE_ENV = 'production'
  const path = './framework/brim.mjs'
  const { framed } = (await import(path)) as { framed: (seats: number) => (plays: readonly object[]) => number[] }
  return framed
}

/** House rules under which a match lasts longest: most rounds, turns or points, where a game has them. */
function longest(game: (typeof GAMES)[number], seats: number): Record<string, unknown> {
  const rules: Record<string, unknown> = {}
  for (const { name, kind, most } of ruleFields(game))
    if (['rounds', 'turns'].includes(name) && kind === 'number') rules[name] = most
  return readHouseRules(game, rules, seats).ok ? rules : {}
}

const strict = process.argv.includes('--strict')
const load = loadavg()[0] ?? 0
/** What is measured, beside its aim. Times are medians. */
const rows: Row[] = []
const us = (what: string, milliseconds: number, aim: Row['aim']): Row => ({
  ...{ what, value: milliseconds * 1000, unit: 'µs', aim },
})
const ms = (what: string, milliseconds: number, aim: Row['aim']): Row => ({
  what,
  value: milliseconds,
  unit: 'ms',
  aim,
})
/** What a play costs in each game, in milliseconds. */
const plays: number[] = []

async function median(name: string, fn: () => void): Promise<number> {
  const bench = new Bench({ time: 300 })
  bench.add(name, fn)
  await bench.run()
  const result = bench.tasks[0]!.result as unknown as { latency: { p50: number } }
  return result.latency.p50
}

/** What a play that stands in `tape` costs to judge, in milliseconds. */
async function judging(tape: Tape, name: string): Promise<number> {
  let at = 0
  return median(name, () => {
    const line = tape.lines[at++ % tape.lines.length]!
    judgePlay(tape.table, line.before, line.play)
  })
}

for (const game of GAMES) {
  const seats = Math.min(3, game.about.seats.high)
  const dealt = botTape(game, seats, 7)
  const { table, start } = dealt
  const raws = dealt.lines.map((line) => line.raw)
  // The same plays at a table of real cards and dice, where nothing is compared with what a dealer would have brought.
  const atTable =
    game.dealOpening || dealt.table.opening !== null
      ? null
      : foldTape({ ...table, source: 'table', seed: null }, start, raws)
  rows.push(us(`${game.id}: judge a play, dealt`, await judging(dealt, 'dealt'), atMost(100)))
  if (atTable?.lines.every(({ verdict }) => verdict.stands)) {
    plays.push(await judging(atTable, 'table'))
    rows.push(us(`${game.id}: judge a play, at the table`, plays.at(-1)!, atMost(100)))
  }
  let at = 0
  const refused = await median('refused', () => {
    // Everybody else's play where one is awaited, and after its end: most are refused.
    const line = dealt.lines[at++ % dealt.lines.length]!
    judgePlay(table, dealt.state, line.play)
    judgePlay(table, line.before, { ...line.play, by: ((line.play?.by ?? 1) % seats) + 1 })
  })
  rows.push(us(`${game.id}: refuse a play`, refused / 2, atMost(10)))
  const long = longTape(game, 500)
  const longRaws = long.lines.map((line) => line.raw)
  const standing = long.lines.filter(({ verdict, play }) => play && verdict.stands).length
  const replay = await median('replay', () => void foldTape(long.table, long.start, longRaws))
  rows.push(ms(`${game.id}: judge 500 entries again (${standing} plays that stand)`, replay, atMost(20)))
}
plays.sort((a, b) => a - b)
rows.push(us('judge a play at the table, the median game', plays[Math.floor(plays.length / 2)]!, atMost(10)))

const own = GAMES.find(({ id }) => id === 'own-game')!
for (const { id, rules } of own.presets) {
  const { table, start, lines } = botTape(own, 3, 7, rules)
  // As it is judged at a table of real dice: nothing is compared with what a dealer would have brought.
  const raws = lines.map((line) => line.raw)
  const atTable = foldTape({ ...table, source: 'table', seed: null }, start, raws)
  rows.push(us(`own-game, recipe ${id}: judge a play, at the table`, await judging(atTable, id), atMost(20)))
}

const brim = GAMES.find(({ id }) => id === 'brim')!
{
  const { table, start } = botTape(brim, 3, 7, { rounds: 50 })
  const match = Array.from({ length: 300 }, (_, i) => {
    const by = 1 + (Math.floor(i / 2) % 3)
    return i % 2 ? { do: 'stop' as const, by } : { do: 'roll' as const, by, dice: [6, 5, 4, 3, 1] }
  })
  const judged = () => match.reduce((state, play) => judgePlay(table, state, play).state, start)
  const real = await median('brim', () => void judged())
  const plain = await median('plain', () => {
    let state = plainStart(3)
    for (const play of match) {
      const next = plainJudge(state, play)
      if (typeof next !== 'string') state = next
    }
  })
  rows.push({ what: 'brim: real judge against one of plain objects', value: real / plain, unit: 'times', aim: null })
  const byFramework = await framework()
  if (byFramework) {
    const fold = byFramework(3)
    // The same points by both, so that the same is measured.
    assert.deepEqual(fold(match), (judged().game as unknown as { totals: readonly number[] }).totals)
    const took = await median('framework', () => void fold(match))
    rows.push({
      ...{ what: 'brim: how much faster than a general framework’s bare reducer', value: took / real, unit: 'times' },
      ...{ aim: atLeast(50), more: `${((took * 1000) / match.length).toFixed(1)} µs a play` },
    })
  } else console.log('The framework is not measured: npm ci --prefix scripts/bench/framework')
}

const common = { dice: 5, sides: 6, limit: 20, rolls: 4, mustFreeze: 0 }
for (const [name, rules] of [
  ['default', common],
  ['8 dice', { ...common, dice: 8, limit: 30 }],
  ['6 dice, 12 sides', { ...common, dice: 6, sides: 12, limit: 40 }],
] as const) {
  const time = await median(name, () => void new Odds(rules).rolling(rules.rolls, rules.dice, 0))
  rows.push(ms(`brim: exact odds, ${name}`, time, name === 'default' ? atMost(50) : null))
}

/** How often the search for a roof's best score ends within two seconds, on random deals of the usual roof. */
const [DEALS, MOST_MS] = [200, 2000]
const searched = Array.from({ length: DEALS }, (_, i) => {
  const cards = randomFor('bench', i).shuffled(cardsOf({ low: 1, high: 10, copies: 4 }))
  const start = performance.now()
  const rules = { target: 10, rows: 6, passes: 1, turned: 'stays' as const }
  const solved = solve(
    rules,
    { cards: cards.slice(0, tilesIn(6)), stock: cards.slice(tilesIn(6)) },
    () => performance.now() - start < MOST_MS,
  )
  return { ...solved, time: performance.now() - start }
}).sort((a, b) => a.time - b.time)
const finished = searched.filter((solved) => solved.finished).length
const clearable = searched.filter(({ left }) => left === 0).length
rows.push({
  what: `roof-tiles: best score found within 2 s, ${DEALS} deals`,
  value: (100 * finished) / DEALS,
  unit: 'of 100',
  aim: null,
  more: `${searched[DEALS / 2]!.time.toFixed(2)} ms; ${clearable} can be cleared`,
})

rows.push(...searches())
rows.push(...labTimes())

/** Different files of every game, in bulk: 60 entries each, every fourth of them with refused plays among them. */
const files = GAMES.flatMap((game) =>
  Array.from({ length: 40 }, (_, seed) => {
    const tape = botTape(game, Math.min(2 + (seed % 2), game.about.seats.high), seed, {}, 60)
    const entries = tape.lines.map((line) => line.raw)
    if (seed % 4 === 0) entries.splice(5, 0, ...Array.from({ length: 10 }, () => entries[0]))
    return JSON.stringify(makeMatchFile(foldTape(tape.table, tape.start, entries), {}))
  }),
)
let next = 0
rows.push(
  us(
    'read and judge one of different files',
    await median('file', () => void readMatchText(files[next++ % files.length]!)),
    atMost(1000),
  ),
)
/** The same files as if a table had lost its place: four entries again and again, so that most are refused. */
const lost = files.map((text) => {
  const file = JSON.parse(text) as MatchFile
  return JSON.stringify({
    ...file,
    entries: Array.from({ length: 60 }, (_, i) => file.entries[i % 4] ?? file.entries[0]),
  })
})
/** Enough of them that starting and warming up, a second or two, counts little. */
const BULK = 30_000
for (const [what, texts] of [
  ['different files of every game', files],
  ['files full of refused plays', lost],
] as const) {
  const path = join(mkdtempSync(join(tmpdir(), 'nimble-bench-')), 'matches.jsonl')
  writeFileSync(path, `${Array.from({ length: BULK }, (_, i) => texts[i % texts.length]!).join('\n')}\n`)
  for (const flags of ['--lines', '--lines --brief']) {
    const started = performance.now()
    spawnSync('sh', ['-c', `bin/judge ${flags} ${path} > ${path}.out`])
    const value = BULK / ((performance.now() - started) / 1000)
    rows.push({ what: `bin/judge ${flags}, ${what}`, value, unit: 'a second', aim: atLeast(2000) })
  }
  rmSync(dirname(path), { recursive: true })
}
rows.push(startUp())
if (report(rows, load) > 0 && strict) process.exitCode = 1

/** From the call to the answer of one file, the process's own start included: the median of nine. */
function startUp(): Row {
  const times = Array.from({ length: 9 }, () => {
    const started = performance.now()
    spawnSync('bin/judge', [], { input: files[0]! })
    return performance.now() - started
  }).sort((a, b) => a - b)
  return ms('bin/judge, one file from start to end', times[4]!, atMost(150))
}
