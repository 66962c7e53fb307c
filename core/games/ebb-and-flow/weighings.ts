import { aCard, capital } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { outlook } from '#core/games/ebb-and-flow/advice'
import { flow, type EbbRules, type EbbState, type Flip } from '#core/games/ebb-and-flow/rules'
import { ofSeat } from '#core/kit/seats'
import { inHundred, onAverage } from '#core/kit/weighing'

/** Whether the next turn adds or takes away, exactly. */
function turning(rules: EbbRules, state: EbbState, adds: boolean): Option<Flip> {
  const odds = outlook(rules, state, 1)
  const worth = (adds ? odds?.rises : odds?.falls) ?? 0
  return { says: adds ? 'It adds' : 'It takes away', worth, tells: inHundred(worth) }
}

/** A seat by what its next turn changes on average. */
function changing(rules: EbbRules, state: EbbState, seat: number, name: string): Option<Flip> {
  const worth = outlook(rules, state, seat)?.change ?? 0
  return { says: name, worth, tells: onAverage(worth) }
}

/** A card by where it leads. */
function flipping(rules: EbbRules, state: EbbState, card: number): Option<Flip> {
  const before = ofSeat(state.totals, 1)
  const { after } = flow(rules, before, card, state.wild)
  return {
    says: capital(aCard(card)),
    play: { do: 'flip', by: 1, card },
    worth: after - before,
    tells: `from ${before} to ${after}`,
  }
}

const lying = (opened: EbbState, totals: readonly number[], more: Partial<EbbState> = {}): EbbState => ({
  ...opened,
  fresh: false,
  totals,
  ...more,
})

export const weighings: Weighings<EbbRules, EbbState, Flip> = [
  {
    look: 'What was turned is gone: after many evens the tide goes out.',
    asks: 'Seven evens and one odd were turned. What does the next turn do?',
    lies: (opened) => lying(opened, [31, 12], { gone: [4, 4, 6, 6, 8, 8, 8, 5] }),
    options: (rules, state) => [turning(rules, state, false), turning(rules, state, true)],
  },
  {
    look: 'Nothing falls below zero: whoever has little gains more than they lose.',
    asks: 'Ines has 2, Bao 25. Whose next turn is the better one?',
    lies: (opened) => lying(opened, [2, 25]),
    options: (rules, state) => [changing(rules, state, 1, 'Ines’s'), changing(rules, state, 2, 'Bao’s')],
  },
  {
    look: 'After a wild everything adds: an odd card is as good as an even one.',
    asks: 'A wild lies there. Which card does Ines wish for?',
    lies: (opened) => lying(opened, [10, 12], { wild: true, gone: ['wild'] }),
    options: (rules, state) => [flipping(rules, state, 9), flipping(rules, state, 8), flipping(rules, state, 4)],
  },
]
