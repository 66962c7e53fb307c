import type { GameWording } from '#core/game'
import type { RoofPlay, RoofRules } from '#core/games/roof-tiles/rules'
import { aCard, capital, count, list } from '#core/wording/words'

const tile = ({ row, place }: Readonly<Record<string, unknown>>) => `tile ${String(place)} of row ${String(row)}`
const WHY: Readonly<Record<string, string>> = {
  cleared: 'The roof is cleared!',
  done: 'Stopped.',
  stuck: 'Nothing can be taken and nothing turned any more.',
}

/** Sentences of Roof Tiles in English. */
export const wording: GameWording<RoofRules, RoofPlay> = {
  reasons: {
    'no-such-tile': (facts) => `There is no ${tile(facts)}; row ${String(facts.rows)} is the lowest, and row 1 has one tile.`,
    'already-gone': (facts) => `The ${tile(facts)} is gone already.`,
    covered: (facts) => `The ${tile(facts)} is still half covered by the row below.`,
    'too-many-tiles': ({ count: given }) => `Two cards come off at most; these are ${given}.`,
    'nothing-turned': () => 'No turned card is in reach.',
    'seen-different': ({ card, seen }) => `The order is known now: ${aCard(seen)} comes next, not ${aCard(card)}.`,
    'stock-empty': ({ passes }) => `The stock has been gone through ${Number(passes) === 1 ? 'once' : `${passes} times`}, as agreed; nothing is left to turn.`,
  },
  notes: {
    taken: ({ cards, left }) => `${list(cards as number[])} come${(cards as number[]).length === 1 ? 's' : ''} off; ${count(left, 'tile is', 'tiles are')} left.`,
    turned: ({ card, stock, again }) => `${again ? 'The stock is gone through again. ' : ''}${capital(aCard(card))} is turned; ${count(stock, 'card is', 'cards are')} left in the stock.`,
    'layout-ended': ({ by, why, left }, { name }) => `${WHY[String(why)]} ${name(Number(by))} has ${Number(left) === 0 ? 'nothing' : left} left.`,
    'cannot-clear': ({ card, partner }) => `This roof can’t be cleared any more: ${aCard(card)} needs ${aCard(partner)}, and all of those are used.`,
  },
  why: { 'least-left': 'least left on the roof' },
  play(play, { name }) {
    if (play.do === 'done') return `${name(play.by)} stops`
    if (play.do === 'turn') return `${name(play.by)} turns ${aCard(play.card)}`
    const tiles = play.tiles.map(([row, place]) => `${row}.${place}`)
    return `${name(play.by)} takes ${list([...tiles, ...(play.turned ? ['the turned card'] : [])])}`
  },
  slip({ target, pack, rows, passes, turned }) {
    return [
      `A roof of ${rows} rows (${(rows * (rows + 1)) / 2} cards) from an own pack: ${pack.low} to ${pack.high}, ${pack.copies} of each.`,
      `Take off what makes ${target}: one card alone, two uncovered tiles, or a tile and the turned card.`,
      `The stock is gone through ${passes === 1 ? 'once' : `${passes} times`}; ${turned === 'stays' ? 'turned cards stay in a pile, the newest in reach' : 'only the newest turned card is in reach'}.`,
      'What is left on the roof is added up; the least wins, nothing is perfect.',
    ]
  },
  prompts({ target }, notes) {
    if (notes.some(({ code }) => code === 'layout-ended')) return ['How do you add up what is left, tens first?', 'Where would another choice have opened more?']
    return [`What goes with it to make ${target}?`, 'Which take uncovers more?', 'Is there another way to make the same?']
  },
}
