import fc from 'fast-check'
import {
  countsOf,
  deckSize,
  refuseShown,
  restOfDeck,
  type Deck,
  cardsOf,
  countOf,
  facesOf,
  inPack,
  packProblems,
  packRule,
  packSize,
  refuseCards,
  restOf,
  without,
} from '#core/kit/pack'

const SMALL = { low: 1, high: 3, copies: 2 }

test('a pack is every whole number from low to high, copies times', () => {
  expect(cardsOf(SMALL)).toEqual([1, 1, 2, 2, 3, 3])
  expect(facesOf(SMALL)).toEqual([1, 2, 3])
  expect(packSize(SMALL)).toBe(6)
  expect([0, 1, 3, 4].map((card) => inPack(SMALL, card))).toEqual([false, true, true, false])
})

test.each([
  [[], [4], false, 'no-such-card'],
  [[], [0], true, 'no-such-card'],
  [[1, 1], [1], false, 'too-many-copies'],
  [[1], [1, 1], false, 'too-many-copies'],
  [[1, 1], [2, 4], false, 'no-such-card'],
  [[1, 1], [1], true, undefined],
  [[1], [1, 2], false, undefined],
])('lying %j, shown %j, overruled %s: %s', (lying, shown, overrule, code) => {
  expect(refuseCards(SMALL, lying, shown, overrule)?.reason.code).toBe(code)
})

test('what is left and what is gone make the pack', () => {
  fc.assert(
    fc.property(fc.subarray(cardsOf(SMALL)), (gone) => {
      expect([...restOf(SMALL, gone), ...gone].sort()).toEqual(cardsOf(SMALL))
    }),
  )
  expect(restOf(SMALL, [1, 1, 1])).toEqual([2, 2, 3, 3])
})

test('taking a card out takes one copy and leaves the list given as it is', () => {
  const cards = [2, 1, 2]
  expect(without(cards, 2)).toEqual([1, 2])
  expect(without(cards, 5)).toBe(cards)
  expect([cards, countOf(cards, 2)]).toEqual([[2, 1, 2], 2])
})

test('a pack that can’t be dealt is a problem; as a house rule it is checked whole', () => {
  expect(packProblems(7, 6).map(({ code }) => code)).toEqual(['pack-too-small'])
  expect(packProblems(6, 6)).toEqual([])
  const rule = packRule(SMALL, 'The cards.', 9)
  expect(
    [20, 19].map(
      (copies) => packRule(SMALL, 'The cards.').safeParse({ low: 0, high: 9 + 20 - copies, copies }).success,
    ),
  ).toEqual([true, false])
  expect(rule.parse(undefined)).toEqual(SMALL)
  for (const wrong of [
    { low: 3, high: 1, copies: 1 },
    { low: 1, high: 10, copies: 1 },
    { low: -1, high: 1, copies: 1 },
    { low: 1, high: 2, copies: 0 },
    { low: 1, high: 2 },
    'all',
  ])
    expect([wrong, rule.safeParse(wrong).success]).toEqual([wrong, false])
})

test('a deck of anything: figures, faces and wilds', () => {
  const deck: Deck<number | string> = {
    faces: [1, 2, 'K', 'warm 4'],
    copiesOf: (card) => (card === 'K' ? 1 : [1, 2, 'warm 4'].includes(card) ? 2 : 0),
  }
  expect(deckSize(deck)).toBe(7)
  expect(restOfDeck(deck, ['K', 1, 'Q'])).toEqual([1, 2, 2, 'warm 4', 'warm 4'])
  expect(refuseShown(deck, [], ['J'], false)?.reason).toEqual({ code: 'no-such-card', facts: { card: 'J' } })
  expect(refuseShown(deck, ['K'], ['K'], false)?.reason).toEqual({
    code: 'too-many-copies',
    facts: { card: 'K', copies: 1 },
    belief: true,
  })
  expect(refuseShown(deck, ['K'], ['K'], true)).toBeNull()
  expect([...countsOf(['a', 'b', 'a'])]).toEqual([
    ['a', 2],
    ['b', 1],
  ])
})
