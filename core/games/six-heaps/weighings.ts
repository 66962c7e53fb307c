import { count } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { bestPlaces } from '#core/games/six-heaps/advice'
import { countThrough, withCard, type Spot } from '#core/games/six-heaps/block'
import { lyingIn, type HeapPlay, type HeapRules, type HeapState } from '#core/games/six-heaps/rules'
import { facesOf, restOf } from '#core/kit/pack'
import { withSeat } from '#core/kit/seats'
import { partOf } from '#core/kit/weighing'

const placing = (card: number, at: Spot): HeapPlay => ({ do: 'place', by: 1, card, at })

/** A place by the lines that a card makes there. */
function scoring(rules: HeapRules, state: HeapState, says: string, card: number, at: Spot): Option<HeapPlay> {
  const worth = countThrough(state.heaps, at, rules.target, card)
  return { says, play: placing(card, at), worth, tells: `makes ${count(worth, 'line', 'lines')}` }
}

/** A place by how many of the cards that others may hold make a line after it. */
function leaving(rules: HeapRules, state: HeapState, says: string, card: number, at: Spot): Option<HeapPlay> {
  const heaps = withCard(state.heaps, at, card)
  const others = restOf(rules.pack, [...lyingIn({ heaps }), ...(state.hands[0]?.known ?? [])])
  const score = new Set(facesOf(rules.pack).filter((each) => bestPlaces(rules, { heaps }, [each]).length > 0))
  const { worth, tells } = partOf(others, (each) => score.has(each))
  const own = countThrough(state.heaps, at, rules.target, card)
  return {
    says,
    play: placing(card, at),
    worth: own - worth,
    tells: `${own ? `makes ${count(own, 'line', 'lines')}, then ` : 'then '}${tells} cards make one`,
  }
}

/** Tops row by row, 0 where the place is bare, and the cards in hand. */
const block = (opened: HeapState, tops: readonly (readonly number[])[], hand: readonly number[]): HeapState => ({
  ...opened,
  fresh: false,
  heaps: tops.map((row) => row.map((top) => (top ? [top] : []))),
  hands: withSeat(opened.hands, 1, { size: hand.length, known: hand }),
})

export const weighings: Weighings<HeapRules, HeapState, HeapPlay> = [
  {
    look: 'Look along the row and down the column: one card may make two lines.',
    asks: 'Where does the 8 go?',
    lies: (opened) =>
      block(
        opened,
        [
          [6, 0, 2],
          [5, 6, 0],
        ],
        [8],
      ),
    options: (rules, state) => [
      scoring(rules, state, 'Between the 6 and the 2', 8, [1, 2]),
      scoring(rules, state, 'Beside the 6 below', 8, [2, 3]),
    ],
  },
  {
    look: 'Where nothing scores, see what you leave: a big sum is soon beyond the target.',
    asks: 'The 9 makes no line. Where does it do the least for the others?',
    lies: (opened) =>
      block(
        opened,
        [
          [7, 0, 0],
          [0, 0, 3],
        ],
        [9],
      ),
    options: (rules, state) => [
      leaving(rules, state, 'Into the middle above', 9, [1, 2]),
      leaving(rules, state, 'Into the corner below', 9, [2, 1]),
    ],
  },
  {
    look: 'Of two lines make the one after which the others have less.',
    asks: 'The 5 makes fourteen with either 9. Where does it go?',
    lies: (opened) =>
      block(
        opened,
        [
          [9, 0, 2],
          [0, 0, 9],
        ],
        [5],
      ),
    options: (rules, state) => [
      leaving(rules, state, 'Onto the 2, above the 9', 5, [1, 3]),
      leaving(rules, state, 'Between the 9 and the 2', 5, [1, 2]),
    ],
  },
]
