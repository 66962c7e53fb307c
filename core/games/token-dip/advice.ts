import { itemAt } from '#core/basics/lists'
import { added, leftInBag, type DipRules, type DipState } from '#core/games/token-dip/rules'
import { ofSeat } from '#core/kit/seats'

/** How often each token would come, and what the next dip does to a seat's total. */
interface Outlook {
  /** The tokens that may come, each with its chance; exact where the bag is counted, else as if all were as many. */
  readonly tokens: readonly { readonly token: string; readonly worth: number; readonly chance: number }[]
  /** By how much the total changes on average, the floor taken into account. */
  readonly expected: number
  /** The chance to be at the goal after the next dip. */
  readonly reaches: number
}

/** The outlook for the next dip of `seat`. */
export function outlook(rules: DipRules, state: DipState, seat: number): Outlook {
  const counts = rules.key
    .map(({ token, worth }) => ({ token, worth, count: leftInBag(rules, state, token) ?? 1 }))
    .filter(({ count }) => count > 0)
  const all = counts.reduce((sum, { count }) => sum + count, 0)
  const before = ofSeat(state.totals, seat)
  let expected = 0
  let reaches = 0
  const tokens = counts.map(({ token, worth, count }) => {
    const chance = count / all
    const { after } = added(rules, before, worth)
    expected += chance * (after - before)
    if (after >= rules.goal) reaches += chance
    return { token, worth, chance }
  })
  return { tokens, expected, reaches }
}

/** Sweeps over the totals until nothing moves by more than this many dips. */
const CLOSE = 1e-9
const MOST_SWEEPS = 20_000
/** Totals that far below zero are taken as one: only where no floor holds them. */
const DEEP = 400

/**
 * How many more dips of its own `seat` needs to the goal on average, if every dip were drawn from what the bag holds now
 * (or from the key, all tokens as many); null where it may never come. Exact for a bag into which tokens go back; a
 * counted bag is taken as it lies now.
 */
export function expectedDips(rules: DipRules, state: DipState, seat: number): number | null {
  const { goal, floor } = rules
  const { tokens } = outlook(rules, state, seat)
  const before = ofSeat(state.totals, seat)
  if (before >= goal) return 0
  if (!tokens.some(({ worth }) => worth > 0)) return null
  const drift = tokens.reduce((sum, { worth, chance }) => sum + worth * chance, 0)
  // Without a floor, a bag that takes away as much as it gives may never let anybody arrive.
  if (floor === null && drift <= 0) return null
  const least = floor ?? Math.min(before, 0) - (tokens.some(({ worth }) => worth < 0) ? DEEP : 0)
  const size = goal - least
  const dips = new Float64Array(size)
  const steps = tokens.filter(({ worth }) => worth !== 0)
  const moves = steps.reduce((sum, { chance }) => sum + chance, 0)
  // From the goal downward: without negative worths one sweep is exact, with them it is repeated until it stands still.
  for (let sweep = 0; sweep < MOST_SWEEPS; sweep++) {
    let moved = 0
    for (let at = size - 1; at >= 0; at--) {
      let value = 1
      let stays = 1 - moves
      for (const { worth, chance } of steps) {
        const to = Math.max(0, at + worth)
        if (to === at) stays += chance
        else if (to < size) value += chance * itemAt(dips, to)
      }
      value /= 1 - stays
      moved = Math.max(moved, Math.abs(value - itemAt(dips, at)))
      dips[at] = value
    }
    if (moved < CLOSE) return itemAt(dips, before - least)
  }
  return null
}
