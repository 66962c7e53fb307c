import { ENDLESS } from '#core/kernel/estimate'
import type { Game } from '#core/contract/game'
import { readHouseRules } from '#core/kernel/houseRules'
import type { PlayerKind } from '#core/lab/players'
import { reportOf } from '#core/lab/report'
import { makeCounter } from '#core/lab/tally'
import { playTrial } from '#core/lab/trial'
import { mixedSeed } from '#core/basics/random'
import { ruleFields, type RuleField } from '#core/kernel/ruleFields'

/** A rule that is searched: its value so that matches take about so many minutes. */
export interface RuleSearch {
  readonly game: Game
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly players: readonly PlayerKind[]
  readonly pace: number
  readonly rule: string
  /** Minutes that a match is to take. */
  readonly minutes: number
  readonly seed: string
  /** Only values from `least` to `most` are tried, where the rule's own bounds are too wide. */
  readonly between?: { readonly least: number; readonly most: number }
}

/** One value that was tried. */
export interface Tried {
  readonly value: number
  readonly minutes: { readonly low: number; readonly usual: number; readonly high: number }
  /** The part of the matches that came to an end. */
  readonly ended: number
}

/** House rules with a number that may be searched; the clock is none: it cuts, and doesn't change how long a game is. */
export const searchable = (game: Game): readonly RuleField[] =>
  ruleFields(game).filter(
    ({ kind, name, least, most }) =>
      kind === 'number' && name !== 'minutes' && least !== undefined && most !== undefined,
  )

/** Matches of each value: their middle is some minutes off at most. */
const MATCHES = 60
/** Values tried at first, across the whole range; then as many around the best. */
const ACROSS = 9

/**
 * Tries values of a rule, first across its range, then around the best so far. Yields each as it was tried, so that it can
 * be told and broken off. Values that can't be played are passed over.
 */
export function* searchRule(search: RuleSearch): Generator<Tried> {
  const field = searchable(search.game).find(({ name }) => name === search.rule)
  if (!field) return
  const { least, most } = search.between ?? { least: field.least!, most: field.most! }
  const tried = new Map<number, Tried>()
  for (const value of spreadOver(least, most, ACROSS)) {
    const found = tryValue(search, value)
    if (!found) continue
    tried.set(value, found)
    yield found
  }
  for (let round = 0; round < 3; round++) {
    const values = [...tried.keys()].sort((a, b) => a - b)
    const best = closest([...tried.values()], search.minutes)
    if (!best) return
    const at = values.indexOf(best.value)
    const [low, high] = [values[at - 1] ?? best.value, values[at + 1] ?? best.value]
    const next = spreadOver(low, high, 5).filter((value) => !tried.has(value))
    if (!next.length) return
    for (const value of next) {
      const found = tryValue(search, value)
      if (!found) continue
      tried.set(value, found)
      yield found
    }
  }
}

/** Whole numbers from `low` to `high`, both among them, so many at most and evenly apart. */
export function spreadOver(low: number, high: number, most: number): number[] {
  const steps = Math.min(most - 1, high - low)
  return steps <= 0 ? [low] : Array.from({ length: steps + 1 }, (_, i) => Math.round(low + ((high - low) * i) / steps))
}

function tryValue({ game, houseRules, players, pace, rule, seed, minutes }: RuleSearch, value: number): Tried | null {
  const rules = { ...houseRules, [rule]: value }
  if (!readHouseRules(game, rules, players.length).ok) return null
  const counter = makeCounter(players.length)
  let much = 0
  for (let n = 0; n < MATCHES; n++) {
    const outcome = playTrial({ game, houseRules: rules, players, pace }, mixedSeed(`${seed} ${n}`))
    counter.count(outcome)
    // Far beyond what is wished it is told soon.
    if (outcome.plays >= ENDLESS || (outcome.plays * pace) / 60 > 6 * minutes) much++
    if (much >= 8 && much === n + 1) break
  }
  const { minutes: told, ended } = reportOf(counter.tally(), pace)
  return { value, minutes: told, ended: ended.value }
}

/** The value whose matches are nearest to so many minutes among those whose matches end; the lower one of two. */
export function closest(tried: readonly Tried[], minutes: number): Tried | null {
  const end = tried.filter(({ ended }) => ended >= 0.95)
  const off = (each: Tried) => Math.abs(Math.log((each.minutes.usual + 0.5) / (minutes + 0.5)))
  return [...(end.length ? end : tried)].sort((a, b) => off(a) - off(b) || a.value - b.value)[0] ?? null
}
