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
  corners: ({ sets }) => {
    const low = Math.min(...sets)
    return [
      {
        asks: 'May I add before I draw?',
        at: { drew: 1 },
        play: { do: 'add', by: 1, card: 3 * low, to: 'N' },
        words: 'draw first forgot',
      },
      {
        asks: 'May any card begin a corner?',
        at: { corner: [] },
        play: { do: 'add', by: 1, card: 10 * Math.max(...sets), to: 'NE' },
        words: 'corner lowest',
      },
      {
        asks: 'May a part of a run be moved?',
        at: { run: [low, 2 * low, 3 * low] },
        play: { do: 'move', by: 1, from: 'N', to: 'E', count: 1 },
        words: 'upper tail split',
      },
      {
        asks: 'May a run go beyond ten times its step?',
        at: { run: Array.from({ length: 10 }, (_, i) => low * (i + 1)) },
        play: { do: 'add', by: 1, card: sets.includes(11 * low) ? 11 * low : 2 * low, to: 'N' },
        words: 'complete end ten',
      },
    ]
  },
})
