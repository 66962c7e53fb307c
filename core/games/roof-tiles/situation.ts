import { withSeat } from '#core/kit/seats'
import { tileAt } from '#core/games/roof-tiles/layout'
import { choicePart, numberPart, numbersPart, situationOf } from '#core/contract/situation'
import type { RoofCodes } from '#core/games/roof-tiles/codes'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import type { RoofState } from '#core/games/roof-tiles/rules'

/** A corner of a roof: tiles of the lowest row, the one that two of them half cover, and the turned card. */
export const situation = situationOf<RoofRules, RoofState, RoofCodes>()({
  parts: ({ pack }) => ({
    upper: numberPart('The upper tile', pack.low, pack.high, pack.high),
    lower: numbersPart('Those below it, and one beside', { ...pack, most: 3, usual: [pack.low, pack.low] }),
    gone: choicePart('Gone of those below', ['none', 'the left one', 'the right one', 'both']),
    turned: numbersPart('Turned cards, the newest last', { ...pack, most: 4 }),
    stock: choicePart('The stock', [
      'cards left',
      'gone through as often as agreed',
      'gone through once: these turned cards come again',
    ]),
  }),
  state: (rules, opened, { upper, lower, gone, turned, stock }) => {
    const layout = opened.layouts[0]
    if (!layout) return opened
    const { rows, pack } = rules
    const corner = [tileAt(rows, rows - 1, 1), tileAt(rows, rows, 1), tileAt(rows, rows, 2), tileAt(rows, rows, 3)]
    const cards = [upper, lower[0] ?? pack.low, lower[1] ?? pack.low, lower[2] ?? pack.low]
    const away = [false, gone === 1 || gone === 3, gone >= 2, lower.length < 3]
    return {
      ...opened,
      layouts: withSeat(opened.layouts, 1, {
        ...layout,
        cards: layout.cards.map((card, i) => cards[corner.indexOf(i)] ?? card),
        gone: layout.gone.map((_, i) => away[corner.indexOf(i)] ?? true),
        pile: turned,
        newest: turned.length > 0,
        ...(stock === 1 ? { unseen: 0, pass: rules.passes } : {}),
        ...(stock === 2 ? { unseen: 0, known: turned, pile: [], newest: false, pass: 2 } : {}),
      }),
    }
  },
  rests: {
    'no-such-tile': /rows/,
    'already-gone': /Take off/,
    covered: /uncovered/,
    'too-many-tiles': /two uncovered tiles/,
    'nothing-turned': /turned card/,
    'stock-empty': /stock is gone through/,
    'seen-different': 'In a second pass the cards come in the order in which they were seen.',
  },
  corners: ({ target, pack, rows }) => [
    {
      asks: 'May the turned card go alone?',
      at: { turned: [Math.min(target, pack.high)] },
      play: { do: 'take', by: 1, tiles: [], turned: true },
      words: 'single ten',
    },
    {
      asks: 'May three tiles go together?',
      at: { lower: [pack.low, pack.low, pack.low] },
      play: {
        do: 'take',
        by: 1,
        tiles: [
          [rows, 1],
          [rows, 2],
          [rows, 3],
        ],
      },
      words: 'three cards make ten',
    },
    {
      asks: 'May a tile go that is half covered?',
      at: { gone: 1 },
      play: { do: 'take', by: 1, tiles: [[rows - 1, 1]] },
      words: 'covered under reach',
    },
    {
      asks: 'The stock is through as often as agreed. May I turn once more?',
      at: { stock: 1, turned: [pack.low], lower: [pack.low, target - pack.low] },
      play: { do: 'turn', by: 1, card: pack.low },
      words: 'reshuffle second pass again',
    },
  ],
})
