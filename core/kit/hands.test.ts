import fc from 'fast-check'
import { hasPartner } from '#core/games/ask-for-rest/partners'
import { canHold, mustHold, unseenOf, withForgotten, withGone, withShown, type Hand, type Known } from '#core/kit/hands'
import { cardsOf, without } from '#core/kit/pack'

const PACK = { low: 1, high: 4, copies: 2 }

/** A true world: hands, of which some cards are known, a stock, and what lies. */
const worlds = fc
  .record({
    order: fc.shuffledSubarray(cardsOf(PACK), { minLength: 8, maxLength: 8 }),
    sizes: fc.tuple(fc.nat(3), fc.nat(3)),
    known: fc.tuple(fc.nat(3), fc.nat(3)),
    laid: fc.nat(2),
  })
  .map(({ order, sizes, known, laid }) => {
    const cards = [...order]
    const taken = cards.splice(0, laid)
    const hands: Hand[] = sizes.map((size, i) => ({
      size,
      known: cards.splice(0, size).slice(0, Math.min(size, known[i]!)),
    }))
    return { hands, stock: cards.length, laid: taken } as Known
  })

/** Every way in which the unseen cards may lie: the contents of both hands, the stock taking the rest. */
function possibleHands(state: Known): number[][][] {
  let unseen: readonly number[] = cardsOf(PACK)
  for (const card of [...state.laid, ...state.hands.flatMap(({ known }) => known)]) unseen = without(unseen, card)
  const found: number[][][] = []
  const fill = (seat: number, from: number, hands: number[][]) => {
    if (seat === state.hands.length) return void found.push(hands)
    if (hands[seat]!.length === state.hands[seat]!.size) return fill(seat + 1, 0, hands)
    for (let i = from; i < unseen.length; i++) {
      if (used.has(i)) continue
      used.add(i)
      fill(
        seat,
        i + 1,
        hands.map((hand, s) => (s === seat ? [...hand, unseen[i]!] : hand)),
      )
      used.delete(i)
    }
  }
  const used = new Set<number>()
  fill(
    0,
    0,
    state.hands.map(({ known }) => [...known]),
  )
  return found
}
const includes = (hand: readonly number[], cards: readonly number[]) => {
  let left = hand
  return cards.every((card) => left.includes(card) && ((left = without(left, card)), true))
}

test('what a hand can hold, and must hold, is exactly what some, and every, way of lying says', () => {
  fc.assert(
    fc.property(
      worlds,
      fc.constantFrom(1, 2),
      fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 2 }),
      (state, seat, cards) => {
        const hands = possibleHands(state).map((world) => world[seat - 1]!)
        expect(canHold(PACK, state, seat, cards)).toBe(hands.some((hand) => includes(hand, cards)))
        expect(mustHold(PACK, state, seat, cards[0]!)).toBe(hands.every((hand) => hand.includes(cards[0]!)))
      },
    ),
    { numRuns: 400 },
  )
})

test('copies that nobody has seen', () => {
  const state: Known = {
    hands: [
      { size: 2, known: [3] },
      { size: 1, known: [] },
    ],
    stock: 3,
    laid: [3, 1],
  }
  expect([1, 2, 3, 4].map((card) => unseenOf(PACK, state, card))).toEqual([1, 2, 0, 2])
})

test.each([
  [10, { low: 1, high: 9, copies: 4 }, [1, 2, 3, 4, 5, 6, 7, 8, 9]],
  [10, { low: 1, high: 10, copies: 4 }, [1, 2, 3, 4, 5, 6, 7, 8, 9]],
  [10, { low: 0, high: 10, copies: 4 }, [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]],
  [10, { low: 1, high: 9, copies: 1 }, [1, 2, 3, 4, 6, 7, 8, 9]],
  [9, { low: 1, high: 9, copies: 4 }, [1, 2, 3, 4, 5, 6, 7, 8]],
  [12, { low: 1, high: 10, copies: 4 }, [2, 3, 4, 5, 6, 7, 8, 9, 10]],
])('for %i in %j these have a partner: %j', (target, pack, cards) => {
  const found = Array.from({ length: 13 }, (_, card) => card).filter((card) => hasPartner(pack, target, card))
  expect(found).toEqual(cards)
})

test('hands change without the given ones changing', () => {
  const hands: readonly Hand[] = Object.freeze([
    Object.freeze({ size: 2, known: Object.freeze([3]) as readonly number[] }),
    Object.freeze({ size: 1, known: Object.freeze([]) as readonly number[] }),
  ])
  expect(withShown(hands, 2, 4)[1]).toEqual({ size: 1, known: [4] })
  expect(withShown(hands, 1, 3)).toBe(hands)
  expect(withGone(hands, 1, 3)[0]).toEqual({ size: 1, known: [] })
  expect(withGone(hands, 1, 4)[0]).toEqual({ size: 1, known: [3] })
  expect(withForgotten(hands, 1)[0]).toEqual({ size: 2, known: [] })
})
