import type { Prediction } from '#core/contract/prediction'
import { slotFor } from '#core/games/fill-in-order/rules'
import { lastOf } from '#core/basics/lists'
import { ofSeat } from '#core/kit/seats'
import type { FillRules, FillState, Turn } from '#core/games/fill-in-order/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<FillRules, FillState, Turn>[] = [
  {
    id: 'placed',
    asks: 'How many cards will find a place?',
    choices: () => ['None', 'One', 'Two', 'Three or more'],
    came: (_rules, before, { by, cards }) => {
      // The last one goes where its place is still open: then it filled the last of them.
      const filled = slotFor(ofSeat(before.layouts, by), lastOf(cards)) !== null
      return Math.min(3, cards.length - (filled ? 0 : 1))
    },
  },
]
