import type { GameWording } from '#core/contract/game'
import type { RoofCodes } from '#core/games/roof-tiles/codes'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import { inReach, tileAt } from '#core/games/roof-tiles/layout'
import type { RoofPlay, RoofState } from '#core/games/roof-tiles/rules'
import { aCard, capital, count, list } from '#core/basics/words'

const tile = ({ row, place }: Readonly<Record<string, unknown>>) => `tile ${place} of row ${row}`
const WHY: Readonly<Record<RoofCodes['notes']['layout-ended']['why'], string>> = {
  cleared: 'The roof is cleared!',
  done: 'Stopped.',
  stuck: 'Nothing can be taken and nothing turned any more.',
}

/** Sentences of Roof Tiles in English. */
export const wording: GameWording<RoofRules, RoofPlay, RoofState, RoofCodes> = {
  reasons: {
    'no-such-tile': (facts) => `There is no ${tile(facts)}; row ${facts.rows} is the lowest, and row 1 has one tile.`,
    'already-gone': (facts) => `The ${tile(facts)} is gone already.`,
    covered: (facts) => `The ${tile(facts)} is still half covered by the row below.`,
    'too-many-tiles': ({ count: given }) => `Two cards come off at most; these are ${given}.`,
    'nothing-turned': () => 'No turned card is in reach.',
    'seen-different': ({ card, seen }) => `The order is known now: ${aCard(seen)} comes next, not ${aCard(card)}.`,
    'stock-empty': ({ passes }) =>
      `The stock has been gone through ${passes === 1 ? 'once' : `${passes} times`}, as agreed; nothing is left to turn.`,
  },
  notes: {
    counted: ({ by, left }, { name }) => `${name(by)} has ${left} left.`,
    taken: ({ cards, left }) => {
      const off = cards
      const what = off.length === 1 ? `${off[0]} is the target by itself and comes off` : `${list(off)} come off`
      return `${what}; ${count(left, 'tile is', 'tiles are')} left.`
    },
    turned: ({ card, stock, again }) =>
      `${again ? 'The stock is gone through again. ' : ''}${capital(aCard(card))} is turned; ${count(stock, 'card is', 'cards are')} left in the stock.`,
    'layout-ended': ({ by, why, left }, { name }) =>
      `${WHY[why]} ${left === 0 ? '0 left is perfect' : `${name(by)} has ${left} left`}.`,
    'cannot-clear': ({ card, partner }) =>
      `This roof can’t be cleared any more: ${aCard(card)} needs ${aCard(partner)}, and all of those are used.`,
  },
  why: { 'least-left': 'least left on the roof' },
  play(play, { name }, rules, state) {
    if (play.do === 'done') return `${name(play.by)} stops`
    if (play.do === 'count') return `${name(play.by)} counts ${play.said} left`
    if (play.do === 'turn') return `${name(play.by)} turns ${aCard(play.card)}`
    // The values are what everybody sees; a tile that isn't there is told by its place.
    const layout = state.layouts[play.by - 1]
    const tiles = play.tiles.map(
      ([row, place]) => layout?.cards[tileAt(rules.rows, row, place)] ?? `the tile at ${row}.${place}`,
    )
    const turned = play.turned ? [`the turned ${layout ? (inReach(rules, layout) ?? 'card') : 'card'}`] : []
    return `${name(play.by)} takes ${list([...tiles, ...turned])}`
  },
  readBack({ target, pack, rows, passes, turned, countLeft }) {
    return [
      `A roof of ${rows} rows (${(rows * (rows + 1)) / 2} cards) from an own pack: ${pack.low} to ${pack.high}, ${pack.copies} of each.`,
      `Take off what makes ${target}: one card alone, two uncovered tiles, or a tile and the turned card.`,
      `The stock is gone through ${passes === 1 ? 'once' : `${passes} times`}; ${turned === 'stays' ? 'turned cards stay in a pile, the newest in reach' : 'only the newest turned card is in reach'}.`,
      `What is left on the roof is added up${countLeft ? ' by its player, aloud' : ''}; the least wins, nothing is perfect.`,
    ]
  },
  prompts({ target }, notes) {
    if (notes.some(({ code }) => code === 'layout-ended'))
      return ['How do you add up what is left, tens first?', 'Where would another choice have opened more?']
    return [
      `What goes with it to make ${target}?`,
      'Which take uncovers more?',
      'Is there another way to make the same?',
    ]
  },
}
