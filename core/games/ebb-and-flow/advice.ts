import { deckFor, flow, rankOf, adds, type EbbRules, type EbbState } from '#core/games/ebb-and-flow/rules'
import { restOfDeck } from '#core/kit/pack'
import { ofSeat } from '#core/kit/seats'

/** What is left in the pack, and what the turn to come may do. Exact. */
interface Outlook {
  readonly up: number
  readonly down: number
  readonly wilds: number
  /** The chances that the turn adds or takes away; they sum to 1. */
  readonly rises: number
  readonly falls: number
  /** By how much the total changes on average, the floor taken into account. */
  readonly change: number
}

/** How the turn of `seat` may come out; null when no number card is left. */
export function outlook(rules: EbbRules, state: EbbState, seat: number): Outlook | null {
  const rest = restOfDeck(deckFor(rules), state.gone)
  const numbers = rest.filter((card) => card !== 'wild')
  const wilds = rest.length - numbers.length
  if (!numbers.length) return null
  // A wild before the number card, now or to come, makes it add; which number card it is does not depend on that.
  const wildFirst = state.wild ? 1 : wilds / rest.length
  const up = numbers.filter(adds).length
  const before = ofSeat(state.totals, seat)
  let change = 0
  for (const card of numbers)
    change += wildFirst * rankOf(card)! + (1 - wildFirst) * (flow(rules, before, card, false).after - before)
  const rises = wildFirst + ((1 - wildFirst) * up) / numbers.length
  return { up, down: numbers.length - up, wilds, rises, falls: 1 - rises, change: change / numbers.length }
}
