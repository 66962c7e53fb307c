import { deckFor, tides, type EbbRules } from '#core/games/ebb-and-flow/rules'
import { sayDrift } from '#core/games/ebb-and-flow/wording'
import { deckCards, runningSheet } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

export const ready: Ready<EbbRules> = {
  cards: (rules) => deckCards(deckFor(rules)),
  balance(rules) {
    const { up, down, upTotal, downTotal } = tides(rules)
    const [adds, takes] = rules.swing === 'parity' ? ['evens add', 'odds take away'] : ['warm adds', 'cool takes away']
    return {
      sides: [
        { label: adds, cards: up, total: upTotal },
        { label: takes, cards: down, total: downTotal },
      ],
      says: sayDrift(rules),
    }
  },
  aloud: ({ swing, start, floor, turns, wilds }) => [
    `Everybody has ${start}; turn a card and say your new total: ${swing === 'parity' ? 'even cards add, odd cards take away' : 'warm cards add, cool cards take away'}.`,
    `${floor === null ? 'Totals may fall below zero' : `Nobody falls below ${floor}`}${wilds ? '; after a wild turn again, and that card is added' : ''}.`,
    `${turns === null ? 'When the pack ends, after even turns,' : `After ${count(turns, 'turn', 'turns')} each`} the highest total wins.`,
  ],
  talk: ({ swing }) => ({
    notice: 'Are there as many that add as that take away, and do they weigh the same?',
    say: `${swing === 'parity' ? 'Seven is odd, so it takes away' : 'Seven is cool, so it takes away'}: twelve less seven is five.`,
    hard: 'When did it help, or not, that nobody falls any further?',
  }),
  sheets: ({ start, turns }, seats) => [runningSheet(Math.min(turns ?? 15, 30), 'Card', seats, String(start))],
  ladder: ['small', 'usual', 'below', 'large'],
}
