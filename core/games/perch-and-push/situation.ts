import { withSeat } from '#core/kit/seats'
import { resultsOf } from '#core/games/perch-and-push/rules'
import { choicePart, numberPart, situationOf } from '#core/contract/situation'
import type { PerchCodes } from '#core/games/perch-and-push/codes'
import type { PerchRules, PerchState } from '#core/games/perch-and-push/rules'

/** Who stands on a result, how high, and how many you pushed off. */
export const situation = situationOf<PerchRules, PerchState, PerchCodes>()({
  parts: (rules) => ({
    result: choicePart('A result', resultsOf(rules).map(String)),
    whose: choicePart('There stands', ['nobody', 'a stack of yours', 'a stack of another']),
    count: numberPart('Markers in it', 1, 12),
    points: numberPart('You pushed off', 0, rules.goal - 1, 0),
  }),
  state: (_rules, opened, { result, whose, count, points }) => ({
    ...opened,
    points: withSeat(opened.points, 1, points),
    stacks: opened.stacks.map((stack, i) => (i === result && whose > 0 ? { seat: whose, count } : stack)),
  }),
  rests: {
    'wrong-card-count': /draw /,
    'can-still-place': 'Whoever can place, places.',
    'not-an-option': /perch on the result|choose one/,
    'safe-stack': /safe/,
  },
})
