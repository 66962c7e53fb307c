import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Bench } from 'tinybench'
import { GAMES } from '#core/games/index'
import { Odds } from '#core/games/brim/odds'
import { tilesIn } from '#core/games/roof-tiles/layout'
import { solve } from '#core/games/roof-tiles/solve'
import { judgePlay } from '#core/match'
import { cardsOf } from '#core/pack'
import { randomFor } from '#core/random'
import { foldTape, type Tape } from '#core/tape'
import { readMatchText } from '#core/format/matchFile'
import { botTape } from './tapes'

/** A tape of exactly `entries` entries: a long match, filled up with notes where the game ends sooner. */
function longTape(game: (typeof GAMES)[number], entries: number): Tape {
  const tape = botTape(game, Math.min(3, game.about.seats.high), 5, {}, entries)
  const raws = tape.lines.map((line) => line.raw)
  while (raws.length < entries) raws.push({ call: 'note', why: 'bench' })
  return foldTape(tape.table, tape.start, raws)
}

/** Budgets of DESIGN.md beside what is measured here. Times are medians. */
const rows: { what: string; median: string; budget: string }[] = []
const us = (milliseconds: number) => `${(milliseconds * 1000).toFixed(2)} µs`
const ms = (milliseconds: number) => `${milliseconds.toFixed(2)} ms`

async function median(name: string, fn: () => void): Promise<number> {
  const bench = new Bench({ time: 300 })
  bench.add(name, fn)
  await bench.run()
  const result = bench.tasks[0]!.result as unknown as { latency: { p50: number } }
  return result.latency.p50
}

for (const game of GAMES) {
  const tape = botTape(game, Math.min(3, game.about.seats.high), 7)
  const lines = tape.lines
  let at = 0
  const judge = await median('judge', () => {
    const line = lines[at++ % lines.length]!
    judgePlay(tape.table, line.before, line.play)
  })
  rows.push({ what: `${game.id}: judge a play`, median: us(judge), budget: '10 µs (half), 100 µs (all)' })
  const long = longTape(game, 500)
  const raws = long.lines.map((line) => line.raw)
  const replay = await median('replay', () => void foldTape(long.table, long.start, raws))
  rows.push({ what: `${game.id}: judge ${raws.length} entries again`, median: ms(replay), budget: '20 ms' })
}

const common = { dice: 5, sides: 6, limit: 20, rolls: 4, mustFreeze: 0 }
for (const [name, rules] of [
  ['default', common],
  ['8 dice', { ...common, dice: 8, limit: 30 }],
  ['6 dice, 12 sides', { ...common, dice: 6, sides: 12, limit: 40 }],
] as const) {
  const time = await median(name, () => void new Odds(rules).rolling(rules.rolls, rules.dice, 0))
  rows.push({ what: `brim: exact odds, ${name}`, median: ms(time), budget: name === 'default' ? '50 ms' : 'in a worker' })
}

/** How often the search for a roof's best score ends within two seconds, on random deals of the usual roof. */
const [DEALS, MOST_MS] = [200, 2000]
const searched = Array.from({ length: DEALS }, (_, i) => {
  const cards = randomFor('bench', i).shuffled(cardsOf({ low: 1, high: 10, copies: 4 }))
  const start = performance.now()
  const rules = { target: 10, rows: 6, passes: 1, turned: 'stays' as const }
  const solved = solve(rules, { cards: cards.slice(0, tilesIn(6)), stock: cards.slice(tilesIn(6)) }, () => performance.now() - start < MOST_MS)
  return { ...solved, time: performance.now() - start }
}).sort((a, b) => a.time - b.time)
const finished = searched.filter((solved) => solved.finished).length
const clearable = searched.filter(({ left }) => left === 0).length
rows.push({
  what: `roof-tiles: best score found within 2 s, ${DEALS} deals`,
  median: `${finished} of ${DEALS}, ${ms(searched[DEALS / 2]!.time)}`,
  budget: `${clearable} can be cleared`,
})

const file = JSON.stringify({
  format: 'nimble-tally/match',
  version: 1,
  game: 'brim',
  houseRules: { rounds: 50 },
  players: ['A', 'B', 'C'],
  entries: longTape(
    GAMES.find(({ id }) => id === 'brim')!,
    60,
  ).lines.map((line) => line.raw),
})
rows.push({ what: 'read and judge a 60-entry file', median: us(await median('file', () => void readMatchText(file))), budget: '1,000 µs' })
const path = join(mkdtempSync(join(tmpdir(), 'nimble-bench-')), 'matches.jsonl')
writeFileSync(path, `${file}\n`.repeat(6000))
const started = performance.now()
spawnSync('sh', ['-c', `bin/judge --lines ${path} > ${path}.out`])
const seconds = (performance.now() - started) / 1000
rows.push({ what: 'bin/judge --lines, 60-entry files', median: `${Math.round(6000 / seconds)} a second`, budget: '2,000 a second' })
console.table(rows)
