import type { HaulRules } from '#core/games/ten-turn-haul/rules'
import { pieces, runningSheet, span } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

/** Boxes in a row of the strip. */
const ACROSS = 5

export const ready: Ready<HaulRules> = {
  aloud: ({ turns, better }) => [
    'Spin, write the number into your next box, and say your sum so far.',
    `Everybody has ${count(turns, 'spin', 'spins')}, one after another.`,
    `The ${better === 'higher' ? 'highest' : 'lowest'} sum wins.`,
  ],
  talk: () => ({
    notice: 'What do all the numbers of the spinner come to together?',
    say: 'I had twenty-eight; five more is thirty-three.',
    hard: 'Where did you go over a ten, and how?',
  }),
  sheets: ({ faces, turns }, seats) => [
    {
      id: 'boxes',
      title: `${turns} boxes, one a turn`,
      kind: 'places',
      shape: 'box',
      copies: seats,
      rows: pieces(
        span(1, turns).map(() => ({})),
        ACROSS,
      ),
    },
    runningSheet(turns, 'Spin', seats, '0'),
    { id: 'discs', title: 'Spinner', kind: 'discs', discs: [{ title: 'How many', faces }] },
  ],
  ladder: ['small', 'usual', 'tens', 'large'],
}
