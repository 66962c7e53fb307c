import { practisedFacts } from '#core/kernel/facts'
import type { Game } from '#core/contract/game'
import { foldFact, keyOf, type CellKey } from '#core/mastery/cells'
import { selfPlay } from '#core/kernel/selfPlay'

/** How often one player practises each fact in a match, on average; what comes up less than once in fifty is left out. */
export type Practice = Readonly<Record<CellKey, number>>

/** Matches that bots play for one preset. */
const MATCHES = 12
const LEAST = 0.02
/** Plays after which a match is broken off. */
const MOST = 400

/** What a game's preset practises, counted in bot matches; the same on every machine. */
export function practiceOf(game: Game, houseRules: Readonly<Record<string, unknown>>): Practice {
  const seats = Math.max(2, game.about.seats.low)
  const players = Array.from({ length: seats }, (_, i) => `Player ${i + 1}`)
  const counts = new Map<CellKey, number>()
  for (let n = 0; n < MATCHES; n++) {
    const tape = selfPlay({ game, houseRules, players, source: 'dealt', key: `practice ${n}`, most: MOST })
    for (const line of tape.lines)
      for (const fact of practisedFacts(tape.table, line)) {
        const cell = foldFact(fact)
        if (cell) counts.set(keyOf(cell), (counts.get(keyOf(cell)) ?? 0) + 1)
      }
  }
  const means = [...counts].map(([key, times]) => [key, Math.round((times / MATCHES / seats) * 100) / 100] as const)
  return Object.fromEntries(means.filter(([, mean]) => mean >= LEAST).sort(([a], [b]) => (a < b ? -1 : 1)))
}
