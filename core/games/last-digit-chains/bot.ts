import { itemAt } from '#core/basics/lists'
import type { Dealt, Wish } from '#core/contract/game'
import {
  chainOf,
  endOf,
  nextFan,
  takesOf,
  toFans,
  type ChainOpening,
  type ChainPlay,
  type ChainRules,
  type ChainState,
} from '#core/games/last-digit-chains/rules'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

/** Every take that stands; the redeal with the cards as they lie where one is due; and stopping. */
export function* plays(rules: ChainRules, state: ChainState, seat: number): Generator<ChainPlay> {
  const layout = ofSeat(state.layouts, seat)
  if (endOf(rules, layout) !== null) return
  const takes = takesOf(rules, layout)
  for (const { fan, row } of takes) yield { do: 'take', by: seat, fan, row, explained: true }
  if (!takes.length) yield { do: 'redeal', by: seat, fans: toFans(layout.fans.flat(), nextFan(rules, layout)) }
  yield { do: 'done', by: seat }
}

/** The dealer: what remains, shuffled into the smaller fans; nothing while something can be taken. */
export function deal(rules: ChainRules, state: ChainState, wish: Wish, random: Random): Dealt | null {
  const layout = state.layouts[(wish.by ?? 0) - 1]
  if (wish.do !== 'redeal' || !layout || layout.redealt >= rules.redeals || takesOf(rules, layout).length) return null
  return { brings: { fans: toFans(random.shuffled(layout.fans.flat()), nextFan(rules, layout)) } }
}

/** Everybody’s own pack, shuffled into fans. */
export function dealOpening(rules: ChainRules, seats: number, random: Random): ChainOpening {
  const pack = chainOf(rules).copies.flatMap((copies, digit) => Array.from({ length: copies }, () => digit))
  return { fans: Array.from({ length: seats }, () => toFans(random.shuffled(pack), rules.fan)) }
}

/** Takes from the highest fan it can; deals again when stuck. */
export function bot(rules: ChainRules, state: ChainState, seat: number, random: Random): ChainPlay {
  const layout = ofSeat(state.layouts, seat)
  const takes = takesOf(rules, layout)
  const [best] = takes.sort((a, b) => itemAt(layout.fans, b.fan - 1).length - itemAt(layout.fans, a.fan - 1).length)
  if (best) return { do: 'take', by: seat, fan: best.fan, row: best.row, explained: true, how: 'knew-it' }
  return { do: 'redeal', by: seat, fans: toFans(random.shuffled(layout.fans.flat()), nextFan(rules, layout)) }
}
