import { withSeat } from '#core/kit/seats'
import { resultOf, resultsOf } from '#core/games/perch-and-push/rules'
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
  corners: (rules) => {
    const { pack, draw } = rules
    const cards = Array.from({ length: draw }, (_, i) => Math.min(pack.high, pack.low + i))
    const on = resultOf(rules, pack.low)
    return [
      {
        asks: 'May I go where another stands?',
        at: { whose: 2, count: 3 },
        play: { do: 'place', by: 1, cards, on },
        words: 'push rival stack',
      },
      {
        asks: 'May I stand where I stand already?',
        at: { whose: 1, count: 1 },
        play: { do: 'place', by: 1, cards, on },
        words: 'stack own',
      },
      { asks: 'May I pass, where I like neither result?', play: { do: 'pass', by: 1, cards }, words: 'skip' },
    ]
  },
})
