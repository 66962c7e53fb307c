import { total } from '#core/kit/dice'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/roof-tiles/about'
import type { RoofCodes } from '#core/games/roof-tiles/codes'
import { bot, deal, dealOpening, plays } from '#core/games/roof-tiles/bot'
import { houseRules, type RoofRules } from '#core/games/roof-tiles/houseRules'
import { inReach, leftOn, tileAt, tilesIn } from '#core/games/roof-tiles/layout'
import { readPlay, writePlay } from '#core/games/roof-tiles/notation'
import { ready } from '#core/games/roof-tiles/ready'
import * as rules from '#core/games/roof-tiles/rules'
import type { RoofOpening, RoofPlay, RoofState } from '#core/games/roof-tiles/rules'
import { wording } from '#core/games/roof-tiles/wording'
import { packSize } from '#core/kit/pack'
import { NO_ROUNDS } from '#core/kit/turns'

/** Roof Tiles: a triangle of cards, each half covered by two of the row below; take off what makes the target. */
export const roofTiles = defineGame<RoofRules, RoofOpening, RoofPlay, RoofState, RoofCodes>({
  id: 'roof-tiles',
  about,
  ...rules,
  best: () => 'fewest',
  answerCalled: ({ countLeft }) => (countLeft ? 'sum' : null),
  houseRules,
  presets: [
    { id: 'ten', label: 'Ten', hint: 'Six rows, once through.', rules: {} },
    {
      id: 'nine',
      label: 'Nine',
      hint: 'The target is 9; tens stay out.',
      rules: { target: 9, pack: { low: 1, high: 9, copies: 4 } },
    },
    { id: 'eleven', label: 'Eleven', hint: 'The next target.', rules: { target: 11 } },
    {
      id: 'twelve',
      label: 'Twelve',
      hint: 'With the cards from 1 to 12.',
      rules: { target: 12, pack: { low: 1, high: 12, copies: 4 } },
    },
    {
      id: 'zeros',
      label: 'With zeros',
      hint: 'The ten needs a zero or stands alone.',
      rules: { pack: { low: 0, high: 10, copies: 4 } },
    },
    {
      id: 'counted',
      label: 'Counted',
      hint: 'What is left is added up by the child, tens first.',
      rules: { countLeft: true },
    },
    { id: 'small', label: 'Small roof', hint: 'Four rows, two times through.', rules: { rows: 4, passes: 2 } },
  ],
  opening: rules.openingSchema,
  play: rules.playSchema,
  prepare: (given, seats) => ({
    needs: [
      {
        count: seats,
        what: seats === 1 ? 'pack' : 'packs',
        detail: `each ${given.pack.low} to ${given.pack.high}, ${given.pack.copies} of each: ${packSize(given.pack)} cards`,
      },
      {
        count: tilesIn(given.rows),
        what: 'cards face up in the roof',
        detail: 'for each player; the rest is the stock, face down',
      },
    ],
    care: [],
  }),
  ready,
  plays,
  progress: () => NO_ROUNDS,
  // The order of the stock is nobody's to see.
  view: (_rules, { seats, layouts }) => ({ seats, layouts: layouts.map((layout) => ({ ...layout, order: null })) }),
  deal,
  dealOpening,
  bot,
  facts(given, state, play) {
    const layout = state.layouts[play.by - 1]
    if (!layout) return []
    if (play.do === 'count') {
      const left = leftOn(layout)
      return left.length > 1 ? [{ operation: 'add', terms: left, answer: total(left), said: play.said }] : []
    }
    if (play.do !== 'take') return []
    const tiles = play.tiles.map(([row, place]) => layout.cards[tileAt(given.rows, row, place)])
    const terms = [...tiles, ...(play.turned ? [inReach(given, layout)] : [])].filter((value) => value !== undefined)
    return terms.length > 1 ? [{ operation: 'add', terms, answer: total(terms) }] : []
  },
  writePlay,
  readPlay,
  wording,
})
