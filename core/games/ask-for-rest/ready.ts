import type { AskRules } from '#core/games/ask-for-rest/rules'
import { addingChart, blankSpots, packCards, pointsSheet } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'

export const ready: Ready<AskRules> = {
  cards: ({ pack }) => packCards(pack),
  aloud: ({ target, again }) => [
    `We look for two cards that make ${target}: whenever you hold such a pair, lay it down and say it.`,
    `On your turn ask one of the others for the rest that your card needs to make ${target}${again === 'on-success' ? ', and ask again if you get it' : ''}; if it isn’t there, draw.`,
    'Whoever has laid the most pairs at the end wins.',
  ],
  talk: ({ target }) => ({
    notice: `Lay out all pairs that make ${target}: what do you notice?`,
    say: `${Math.floor(target / 2)} needs ${target - Math.floor(target / 2)} to make ${target}.`,
    hard: 'Which rest took longest to find, and what helped?',
  }),
  sheets: ({ target, pack }, seats) => [
    { id: 'frames', title: 'Ten-frames to lay counters in', kind: 'frames', count: 8 },
    {
      id: 'pairs',
      title: `Mat: pairs that make ${target}`,
      kind: 'places',
      shape: 'card',
      copies: seats,
      rows: blankSpots(2, 4),
    },
    pointsSheet(6, seats, 'Match'),
    addingChart(pack),
  ],
  ladder: ['ten', 'nine', 'eleven', 'twelve'],
}
