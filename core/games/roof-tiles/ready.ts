import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import { addingChart, packCards, pointsSheet, span } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

export const ready: Ready<RoofRules> = {
  cards: ({ pack }, seats) => packCards(pack, seats),
  aloud: ({ target, passes, turned }) => [
    `Take off the roof what makes ${target}: one card alone, or two that nothing covers.`,
    `When you find nothing more, turn a card of your stock; it may make ${target} with a tile${turned === 'stays' ? ', and cards turned before stay in their pile' : ''}.`,
    `The stock is gone through ${count(passes, 'time', 'times')}; what is left on the roof is added up, and the least wins.`,
  ],
  talk: ({ target }) => ({
    notice: 'Which tiles lie open, and what do those under them wait for?',
    say: `${Math.floor(target / 2)} and ${target - Math.floor(target / 2)} make ${target}; they go.`,
    hard: 'Was there a choice that you would make the other way now?',
  }),
  sheets: ({ rows, pack }, seats) => [
    {
      id: 'roof',
      title: `Mat: a roof of ${rows} rows`,
      kind: 'places',
      shape: 'card',
      overlap: true,
      copies: seats,
      rows: span(1, rows).map((row) => span(1, row).map(() => ({}))),
    },
    pointsSheet(5, seats, 'Match'),
    addingChart(pack),
  ],
  ladder: ['small', 'ten', 'eleven', 'twelve'],
}
