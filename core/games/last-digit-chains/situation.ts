import { withSeat } from '#core/kit/seats'
import { chainOf } from '#core/games/last-digit-chains/rules'
import { choicePart, gappedPart, numbersPart, situationOf } from '#core/contract/situation'
import type { ChainCodes } from '#core/games/last-digit-chains/codes'
import type { ChainRules, ChainState } from '#core/games/last-digit-chains/rules'

/** What lies in the first row, which cards are in reach, and whether the others have begun. */
export const situation = situationOf<ChainRules, ChainState, ChainCodes>()({
  parts: (rules) => ({
    row: numbersPart('The first row', { low: 0, high: 9, most: chainOf(rules).length }),
    tops: gappedPart('Tops of the fans', 'empty', { low: 0, high: 9, most: 12, usual: [5] }),
    others: choicePart('The starting cards of the other rows', ['lie there', 'are still missing']),
    redealt: choicePart('Dealt again', ['not yet', 'as often as agreed']),
  }),
  state: (rules, opened, { row, tops, others, redealt }) => ({
    ...opened,
    layouts: withSeat(opened.layouts, 1, {
      fans: tops.map((card) => (card < 0 ? [] : [card])),
      rows: chainOf(rules).starts.map((starts, i) => (i === 0 ? row : others === 0 ? starts : [])),
      redealt: redealt === 0 ? 0 : rules.redeals,
      done: false,
    }),
  }),
  rests: {
    'no-such-fan': /in fans of/,
    'no-such-row': /rows of/,
    'fan-empty': /top of each fan/,
    'row-full': /rows of/,
    'starts-first': /starting cards come first/,
    'not-the-next': /last digit of the sum/,
    'no-redeals-left': /deals again|redeal|dealt again/i,
    'not-stuck': /stuck/,
    'wrong-fan-size': /fans one smaller|one smaller/,
    'cards-differ': 'Dealing again takes the cards that lie in the fans, and no others.',
  },
  corners: (rules) => {
    const [first = 0, second = 0] = chainOf(rules).starts[0] ?? []
    return [
      {
        asks: 'May a row go on before all starting cards lie there?',
        at: { row: [first, second], tops: [(first + second) % 10], others: 1 },
        play: { do: 'take', by: 1, fan: 1, row: 1 },
        words: 'begin start',
      },
      {
        asks: 'May a card go that is the sum itself, not its last digit?',
        at: { row: [first, second], tops: [(first + second + 1) % 10], others: 0 },
        play: { do: 'take', by: 1, fan: 1, row: 1 },
        words: 'next wrong card',
      },
      {
        asks: 'May I deal again while a card still fits?',
        at: { row: [first, second], tops: [(first + second) % 10], others: 0 },
        play: { do: 'redeal', by: 1, fans: [[(first + second) % 10]] },
        words: 'redeal stuck shuffle',
      },
    ]
  },
})
