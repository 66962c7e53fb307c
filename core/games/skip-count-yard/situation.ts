import { withSeat } from '#core/kit/seats'
import { atEach } from '#core/games/skip-count-yard/yard'
import { choicePart, numbersPart, situationOf } from '#core/contract/situation'
import type { YardCodes } from '#core/games/skip-count-yard/codes'
import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import type { YardState } from '#core/games/skip-count-yard/rules'

/** One run, the card in your hand, and whether you have drawn. */
export const situation = situationOf<YardRules, YardState, YardCodes>()({
  parts: ({ sets }) => {
    const high = 10 * Math.max(...sets)
    const low = Math.min(...sets)
    return {
      run: numbersPart('The run on the north side', { low, high, most: 10, usual: [low, 2 * low] }),
      corner: numbersPart('The run in the corner north-east', { low, high, most: 10 }),
      hand: numbersPart('All of your hand, where it is seen', { low, high, most: 12 }),
      drew: choicePart('In this turn', ['you drew', 'you have not drawn yet']),
      stock: choicePart('The stock', ['cards left', 'empty']),
    }
  },
  state: (_rules, opened, { run, corner, hand, drew, stock }) => ({
    ...opened,
    yard: atEach((at) => (at === 'N' ? run : at === 'NE' ? corner : [])),
    hands: hand.length ? withSeat(opened.hands, 1, { size: hand.length, known: hand }) : opened.hands,
    drawn: drew === 0,
    stock: stock === 1 ? 0 : opened.stock,
    fresh: drew === 1,
  }),
  rests: {
    'draw-first': /Draw first/,
    'corner-needs-lowest': /corner begins/,
    'run-complete': /ten times/,
    'not-next': /continue a run/,
    'place-empty': /move runs/,
    'wrong-count': /move runs|whole runs/,
  },
})
