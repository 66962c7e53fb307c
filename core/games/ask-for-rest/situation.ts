import { withSeat } from '#core/kit/seats'
import { choicePart, numbersPart, situationOf } from '#core/contract/situation'
import type { AskCodes } from '#core/games/ask-for-rest/codes'
import type { AskRules, AskState } from '#core/games/ask-for-rest/rules'

/** What lies in pairs, what you hold, and what the other says they don't have. */
export const situation = situationOf<AskRules, AskState, AskCodes>()({
  parts: ({ pack, hand }) => ({
    mine: numbersPart('Cards you surely hold', { ...pack, most: hand, usual: [pack.low] }),
    denied: numbersPart('Cards the other said they don’t have', { ...pack, most: 6 }),
    shown: numbersPart('Cards the other surely holds', { ...pack, most: hand }),
    laid: numbersPart('Cards that lie in pairs', { ...pack, most: 40 }),
    owes: choicePart('Before this', ['nothing: your turn begins', 'you asked, and got a no']),
    stock: choicePart('The stock', ['cards left', 'empty']),
    other: choicePart('The other’s hand', ['holds cards', 'is empty']),
  }),
  state: (_rules, opened, { mine, denied, shown, laid, owes, stock, other }) => ({
    ...opened,
    hands: opened.hands.map((hand, i) => {
      const known = i === 0 ? mine : i === 1 ? shown : []
      return i === 1 && other === 1 ? { size: 0, known: [] } : { size: Math.max(hand.size, known.length), known }
    }),
    denied: withSeat(opened.denied, 2, denied),
    laid,
    owed: owes === 1 && stock === 0 ? 1 : null,
    refused: owes === 1 && stock === 1 ? 1 : null,
    stock: stock === 1 ? 0 : opened.stock,
  }),
  rests: {
    'not-their-turn': /question a turn|ask again/i,
    'asked-self': /ask somebody/,
    'nobody-there': /ask somebody/,
    'dead-card': /partner stay out/,
    'cannot-hold-partner': /that you hold/,
    'denied-known-card': 'Whoever is asked gives the card if they have it.',
    'card-has-partner': 'Only a card without a partner is put out and replaced.',
  },
  corners: ({ target, pack }) => {
    const card = Math.max(pack.low, target - pack.high)
    const rest = target - card
    return [
      { asks: 'May I lay a pair when it isn’t my turn?', play: { do: 'lay', by: 2, cards: [card, rest] } },
      {
        asks: 'Somebody lays a card that they said they didn’t have. Does it stand?',
        at: { denied: [rest] },
        play: { do: 'lay', by: 2, cards: [card, rest] },
        words: 'denied lied said no',
      },
      { asks: 'May I draw without asking?', play: { do: 'draw', by: 1 } },
      { asks: 'May I ask myself?', play: { do: 'ask', by: 1, of: 1, for: rest, got: true } },
    ]
  },
})
