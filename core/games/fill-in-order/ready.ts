import { deckFor } from '#core/games/fill-in-order/cards'
import type { FillRules } from '#core/games/fill-in-order/rules'
import { deckCards, pointsSheet, span, spotRows } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

/** Places in a row, as they lie on the table. */
const ACROSS = 5

export const ready: Ready<FillRules> = {
  cards: (rules) => deckCards(deckFor(rules)),
  aloud: ({ slots, wild, rounds, fewer }) => [
    `Draw a card, or take the discard if it fits, and put it where it belongs from 1 to ${slots}; what lay there comes next, until one can’t go.`,
    `${{ none: 'Jacks, queens and kings end the turn', K: 'Jacks and queens end the turn; a king is wild', J: 'Queens and kings end the turn; a jack is wild' }[wild]}.`,
    `Whoever fills every place first has the round; ${rounds === 'to-one' ? 'we play on until a round is won with one place' : `after ${count(rounds, 'round', 'rounds')} the most rounds win`}${fewer ? ', and a winner has one place fewer in the next' : ''}.`,
  ],
  talk: () => ({
    notice: 'Which cards have a place here, and which fit nowhere?',
    say: 'Seven comes after six and before eight.',
    hard: 'Which card did you wait for, and what might have helped?',
  }),
  sheets: ({ slots, rounds }, seats) => [
    {
      id: 'places',
      title: `Places from 1 to ${slots}`,
      kind: 'places',
      shape: 'card',
      copies: seats,
      rows: spotRows(span(1, slots), ACROSS),
    },
    pointsSheet(rounds === 'to-one' ? 10 : Math.min(rounds, 30), seats),
  ],
  ladder: ['five', 'usual', 'to-one'],
}
