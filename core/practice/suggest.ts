import type { CellKey } from '#core/mastery/cells'
import type { Practice } from '#core/practice/practise'

/** What every preset practises: by game, then by preset. */
export type PracticeTable = Readonly<Record<string, Readonly<Record<string, Practice>>>>

/** A game and preset that practises some of the facts wished. */
export interface Suggestion {
  readonly game: string
  readonly preset: string
  /** How many of them come up in a match, each counted with the chance that it does. */
  readonly times: number
  /** How many different ones of them. */
  readonly facts: number
}

/** What comes up less often in a match is no reason to play it: once in two matches at least. */
const LEAST = 0.5

/** A fact that comes up again and again in one match helps no more than so often. */
const MOST_EACH = 2

/** Suggestions one list after another, each game once. */
export const eachGameOnce = (...lists: readonly (readonly Suggestion[])[]): Suggestion[] =>
  lists.flat().filter(({ game }, i, all) => all.findIndex((other) => other.game === game) === i)

/** What to play to practise these facts, the best first, each game once; `fits` says which presets may be played. */
export function suggest(
  table: PracticeTable,
  wished: readonly CellKey[],
  fits: (game: string, preset: string) => boolean,
  most = 3,
): Suggestion[] {
  const best = Object.entries(table).flatMap(([game, presets]) => {
    const rated = Object.entries(presets).flatMap(([preset, practice]): Suggestion[] => {
      if (!fits(game, preset)) return []
      const hits = wished.map((key) => practice[key] ?? 0).filter((times) => times > 0)
      const times = hits.reduce((sum, each) => sum + Math.min(each, MOST_EACH), 0)
      return times >= LEAST ? [{ game, preset, times: Math.round(times * 10) / 10, facts: hits.length }] : []
    })
    const first = rated.sort((a, b) => b.times - a.times || b.facts - a.facts)[0]
    return first ? [first] : []
  })
  return best.sort((a, b) => b.times - a.times || b.facts - a.facts).slice(0, most)
}
