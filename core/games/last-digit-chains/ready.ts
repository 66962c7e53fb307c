import { chainOf, type ChainRules } from '#core/games/last-digit-chains/rules'
import { addingChart, pointsSheet, span } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

export const ready: Ready<ChainRules> = {
  cards(rules, seats) {
    const { copies } = chainOf(rules)
    return copies.flatMap((each, face) => (each ? [{ face, count: each * seats }] : []))
  },
  aloud: ({ startsFirst, redeals }) => [
    `Four rows grow from two cards each${startsFirst ? '; all eight of them come first' : ''}; only the top of each fan is yours to take.`,
    'Each next card is the last digit of the sum of the two before it: say the sum.',
    `${redeals ? `If you are stuck, deal again, ${count(redeals, 'time', 'times')} at most` : 'If you are stuck, you are done'}; the fewest cards left win.`,
  ],
  talk: () => ({
    notice: 'What is the last digit of a sum, and when is it less than both cards?',
    say: 'Eight and nine is seventeen: the last digit is seven.',
    hard: 'Where did you get stuck, and what could have gone first?',
  }),
  sheets(rules, seats) {
    const { starts, length } = chainOf(rules)
    return [
      {
        id: 'rows',
        title: `Mat: four rows of ${length}`,
        kind: 'places',
        shape: 'card',
        copies: seats,
        rows: starts.map((pair) =>
          span(0, length - 1).map((i) => (i < pair.length ? { text: String(pair[i as 0 | 1]), strong: true } : {})),
        ),
      },
      { ...addingChart({ low: 0, high: 9 }), title: 'Adding up to 9 + 9: look at the last digit' },
      pointsSheet(6, seats, 'Match'),
    ]
  },
  ladder: ['gentle', 'usual', 'hard', 'long'],
}
