import type { GameWording } from '#core/contract/game'
import type { Spot } from '#core/games/six-heaps/block'
import { topAt } from '#core/games/six-heaps/block'
import type { HeapCodes } from '#core/games/six-heaps/codes'
import type { HeapPlay, HeapRules, HeapState } from '#core/games/six-heaps/rules'
import { aCard, count, list } from '#core/basics/words'

const spotName = ([row, column]: Spot) => `row ${row}, column ${column}`
const lines = (all: readonly (readonly number[])[]) => list(all.map((line) => line.join(' + ')))

/** Sentences of Six Heaps in English. */
export const wording: GameWording<HeapRules, HeapPlay, HeapState, HeapCodes> = {
  reasons: {
    'stock-empty': () => 'The stock is empty: nothing is drawn any more.',
    'no-such-heap': ({ at, rows, columns }) =>
      `There is no heap at ${spotName(at)}; there are ${count(rows, 'row', 'rows')} of ${columns}.`,
    'same-number': ({ card }) =>
      `${aCard(card).replace(/^a/, 'A')} lies there already: a card never goes onto its own number.`,
    'can-still-place': ({ by, number }, { name }) =>
      number === null
        ? `${name(by)} can still place a card: not every heap shows the same number.`
        : `${name(by)} holds another number than ${number} and can still place it.`,
  },
  notes: {
    placed: ({ by, points, total }, { name }) =>
      points === 0
        ? `No line; ${name(by)} has ${total}.`
        : `${count(points, 'line', 'lines')}: ${name(by)} has ${total} now.`,
    overlooked: ({ lines: all }) => `Overlooked: ${lines(all)}.`,
    'no-line': ({ count: wrong, target }) =>
      `${count(wrong, 'line', 'lines')} named that ${wrong === 1 ? 'does' : 'do'} not make ${target}.`,
    passed: ({ by, number }, { name }) => `${name(by)} passes: only ${number}s in hand, and ${number} on every heap.`,
  },
  why: {
    'goal-reached': 'reached the goal',
    'cards-out': 'all cards are played',
    'all-passed': 'nobody can place a card',
  },
  play(play, { name }, _rules, { heaps }) {
    if (play.do === 'pass') return `${name(play.by)} passes`
    const top = topAt(heaps, play.at)
    const onto =
      top === null || top === undefined ? `at ${spotName(play.at)}` : `onto the ${top} at ${spotName(play.at)}`
    return `${name(play.by)} puts the ${play.card} ${onto}`
  },
  readBack({ target, rows, columns, hand, pack, counted, goal }) {
    return [
      `Cards ${pack.low} to ${pack.high}, ${pack.copies} of each; ${count(hand, 'card', 'cards')} in each hand, drawn up again after each card.`,
      `${count(rows * columns, 'bare place', 'bare places')}: ${count(rows, 'row', 'rows')} of ${columns}. A card goes onto any heap but its own number.`,
      `Straight neighbours through that card that make ${target} are a point each, two at once too.`,
      ...(counted === 'spotted' ? ['Only lines that the player names score.'] : []),
      goal === null ? 'Until all cards are played; most points win.' : `First to ${count(goal, 'point', 'points')}.`,
    ]
  },
  prompts: ({ target }, notes) =>
    notes.some(({ code, facts }) => code === 'placed' && facts.points > 0)
      ? ['Is there a second line?', 'How did you see it?', 'Which card would make three in a row?']
      : [
          `What is missing to ${target} beside that heap?`,
          'Which heap has a neighbour that helps?',
          'Where would you rather not leave a good neighbour?',
        ],
}
