import type { HeapRules } from '#core/games/six-heaps/rules'
import { blankSpots, packCards, pointsSheet } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

export const ready: Ready<HeapRules> = {
  cards: ({ pack }) => packCards(pack),
  aloud: ({ target, counted, goal, hand }) => [
    `Put a card onto any heap but its own number, then draw up to ${count(hand, 'card', 'cards')} again.`,
    `Straight neighbours through your card that make ${target} are a point each${counted === 'spotted' ? ', if you name them' : ''}.`,
    goal === null
      ? 'When all cards are played, the most points win.'
      : `First with ${count(goal, 'point', 'points')} wins.`,
  ],
  talk: ({ target }) => ({
    notice: 'Which straight lines does one heap belong to?',
    say: `${Math.floor(target / 2)} and ${target - Math.floor(target / 2)} make ${target}, so this line scores.`,
    hard: 'Which line did you overlook, and how would you look next time?',
  }),
  sheets: ({ rows, columns }, seats) => [
    {
      id: 'mat',
      title: `Mat: ${rows} rows of ${columns}`,
      kind: 'places',
      shape: 'card',
      rows: blankSpots(rows, columns),
    },
    pointsSheet(12, seats, 'Turn'),
  ],
  ladder: ['ten', 'usual', 'nine'],
}
