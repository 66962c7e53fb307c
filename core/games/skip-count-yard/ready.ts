import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import { deckOfSets } from '#core/games/skip-count-yard/yard'
import { deckCards, pointsSheet, timesChart } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { list } from '#core/basics/words'

export const ready: Ready<YardRules> = {
  cards: ({ sets }) => deckCards(deckOfSets(sets)),
  aloud: ({ sets, moves, finish }) => [
    `We count in steps of ${list(sets)}; draw a card first, then add cards that go on with a run, as many as you can.`,
    `A corner begins only with the lowest card of a set; you may move ${moves === 'whole' ? 'whole runs' : 'a run or its upper part'} to make room.`,
    `Whoever has no card left wins${finish === 'even-turns' ? ', once the round is finished' : ' at once'}.`,
  ],
  talk: ({ sets }) => ({
    notice: `Count in steps of ${sets[0] ?? 2} together: which of these numbers belong to another row as well?`,
    say: `${6 * (sets[0] ?? 2)} is six times ${sets[0] ?? 2}; next comes ${7 * (sets[0] ?? 2)}.`,
    hard: 'Which move of a run did you see too late?',
  }),
  sheets({ sets }, seats) {
    const [corner, side] = [{ text: 'corner' }, { text: 'side', strong: true }]
    return [
      {
        id: 'mat',
        title: 'Mat: the yard around the stock',
        kind: 'places',
        shape: 'card',
        rows: [
          [corner, side, corner],
          [side, { text: 'stock' }, side],
          [corner, side, corner],
        ],
      },
      { ...timesChart(sets, 10), title: 'The sets, from once to ten times' },
      pointsSheet(6, seats, 'Match'),
    ]
  },
  ladder: ['easy', 'even', 'usual', 'high'],
}
