import type { FirstRules } from '#core/games/say-it-first/rules'
import { facesOf } from '#core/kit/pack'
import { packCards, pointsSheet } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

const asked = { add: 'add them', times: 'multiply them', difference: 'say the difference' } as const

export const ready: Ready<FirstRules> = {
  cards: ({ pack }) => packCards(pack),
  aloud: ({ combine, explain, rounds, unclaimed }) => [
    `Everyone turns a card at the same time; be first to ${asked[combine]}${explain === 'required' ? ' and to say how you did it' : ''}.`,
    `Only your first answer counts; the right one keeps the cards${unclaimed === 'pot' ? ', and where nobody is right they wait in the pot' : ''}.`,
    `${rounds === 'pack' ? 'When the pack is used up' : `After ${count(rounds, 'round', 'rounds')}`} the most cards win.`,
  ],
  talk: ({ combine }) => ({
    notice: 'Which cards would you like to see together, and which not?',
    say: `${{ add: 'Nine and six is fifteen, since ten and five is', times: 'Six times four is twenty-four, since twice twelve is', difference: 'Nine take away six is three, since six and three is nine' }[combine]}.`,
    hard: 'Whose way of finding it was new to you?',
  }),
  sheets({ combine, pack, rounds }, seats) {
    const faces = facesOf({ ...pack, high: Math.min(pack.high, pack.low + 19) })
    return [
      pointsSheet(rounds === 'pack' ? 10 : Math.min(rounds, 30), seats),
      { id: 'chart', title: 'Chart, for settling', kind: 'chart', operation: combine, down: faces, across: faces },
    ]
  },
  ladder: ['small', 'usual', 'difference', 'times'],
}
