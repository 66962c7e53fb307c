import type { RowRules } from '#core/games/call-row/rules'
import { packCards, pieces, pointsSheet, span } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

/** Steps in a row of the page. */
const ACROSS = 5

export const ready: Ready<RowRules> = {
  cards: ({ pack }) => packCards(pack),
  aloud: ({ target, signs, maxCards, steps, wrongCall }) => [
    `Cards are dealt into a row; call as soon as you see some that make ${target}, ${signs === 'add' ? 'adding' : 'adding and taking away'}${maxCards === null ? '' : `, ${count(maxCards, 'card', 'cards')} at most`}.`,
    `Say your call aloud so that all can check it; ${{ nothing: 'a wrong one costs nothing', 'step-back': 'a wrong one is a step back', 'sit-out': 'after a wrong one you sit out a card' }[wrongCall]}.`,
    `Each call is a step up; first to ${count(steps, 'step', 'steps')} wins.`,
  ],
  talk: ({ target }) => ({
    notice: `Look at the first three cards: how could they come to ${target}?`,
    say: `${target + 2} take away 2 is ${target}.`,
    hard: 'Which call did you see first, and which only when it was said?',
  }),
  sheets: ({ steps }, seats) => [
    {
      id: 'steps',
      title: 'Steps to climb, from 1 to the top',
      kind: 'places',
      shape: 'round',
      copies: seats,
      // The first step lies at the bottom, and every row begins at the left.
      rows: pieces(
        span(1, steps).map((step) => ({ text: String(step), strong: step === steps })),
        ACROSS,
      ).reverse(),
    },
    pointsSheet(6, seats, 'Match'),
  ],
  ladder: ['add', 'two', 'usual', 'twelve', 'twenty'],
}
