import type { Dealt, Wish } from '#core/contract/game'
import { hasCall, shortestCalls } from '#core/games/call-row/advice'
import { awayNow, type Call, type RowPlay, type RowRules, type RowState } from '#core/games/call-row/rules'
import { restOf } from '#core/kit/pack'
import type { Random } from '#core/basics/random'

/** Every card that may come, and the shortest calls that the seat could make. */
export function* plays(rules: RowRules, state: RowState, seat: number): Generator<RowPlay> {
  for (const card of new Set(restOf(rules.pack, [...state.row, ...awayNow(rules, state)]))) yield { do: 'deal', card }
  if (state.sitting.includes(seat)) return
  for (const { terms } of shortestCalls(rules, state, 12)) yield called(seat, terms)
}

const called = (by: number, terms: readonly { readonly sign: '+' | '-'; readonly value: number }[]): Call => ({
  do: 'call',
  by,
  cards: terms.map(({ value }) => value),
  signs: terms.map(({ sign }) => sign),
  explained: true,
})

function next(rules: RowRules, state: RowState, random: Random): number | undefined {
  const rest = restOf(rules.pack, [...state.row, ...awayNow(rules, state)])
  return rest[random.whole(0, Math.max(0, rest.length - 1))]
}

/** The dealer: the next card; nothing while all lie in the row. */
export function deal(rules: RowRules, state: RowState, wish: Wish, random: Random): Dealt | null {
  const card = wish.do === 'deal' ? next(rules, state, random) : undefined
  return card === undefined ? null : { brings: { card }, shown: { kind: 'card', values: [card] } }
}

/** Sees a call about every other time there is one; else another card is dealt. */
export function bot(rules: RowRules, state: RowState, seat: number, random: Random): RowPlay {
  const card = next(rules, state, random)
  const sees =
    card === undefined || (!state.sitting.includes(seat) && hasCall(rules, state.row) && random.whole(0, 1) === 1)
  const [call] = sees ? shortestCalls(rules, state, 1) : []
  return call ? { ...called(seat, call.terms), how: 'knew-it' } : { do: 'deal', card: card! }
}
