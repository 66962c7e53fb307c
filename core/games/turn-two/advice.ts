import { holdsMatch, matchOf } from '#core/games/turn-two/matching'
import { seenElsewhere, type PairRules, type PairState } from '#core/games/turn-two/rules'
import { countsOf, restOf } from '#core/kit/pack'

/** The places of a match among what has been seen, with its cards; null where there is none. */
export function knownMatch(
  rules: PairRules,
  state: PairState,
): { readonly at: readonly number[]; readonly cards: readonly number[] } | null {
  const cards = holdsMatch(rules, seenElsewhere(state))
  if (!cards) return null
  const at: number[] = []
  for (const card of cards)
    at.push(state.places.findIndex(({ lies, seen }, i) => lies && seen === card && !at.includes(i + 1)) + 1)
  return { at, cards }
}

/** The chance that a place not yet seen, turned at random, makes a match with what has been seen; null where all are seen. Exact. */
export function chanceToMatch(rules: PairRules, state: PairState): number | null {
  if (!state.places.some(({ lies, seen }) => lies && seen === null)) return null
  const seen = seenElsewhere(state)
  // What lies unseen is as likely any of the cards that nobody has seen.
  const hidden = restOf(rules.pack, [...state.gone, ...seen])
  if (!hidden.length) return 0
  let fit = 0
  for (const [card, count] of countsOf(hidden)) if (completes(rules, seen, card)) fit += count
  return fit / hidden.length
}

/** Whether a card makes a match with some of those seen. */
function completes(rules: PairRules, seen: readonly number[], card: number): boolean {
  if (rules.perTurn === 2) return seen.some((other) => matchOf(rules, [other, card]) !== null)
  return seen.some((one, i) => seen.some((other, j) => j > i && matchOf(rules, [one, other, card]) !== null))
}
