import type { Prediction } from '#core/contract/prediction'
import type { EbbRules, EbbState, Flip } from '#core/games/ebb-and-flow/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<EbbRules, EbbState, Flip>[] = [
  {
    id: 'tide',
    asks: 'Up or down?',
    // After a wild the next card is added whatever it is.
    choices: (_rules, { wild }) => (wild ? null : ['Up', 'Down']),
    came: (_rules, _before, { card }, { newest }) => (card === 'wild' || !newest ? null : newest.up ? 0 : 1),
  },
]
