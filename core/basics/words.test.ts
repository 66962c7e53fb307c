import { aCard, capital, count, isAre, list } from '#core/basics/words'

test.each([
  [[], ''],
  [[6], '6'],
  [[6, 4], '6 and 4'],
  [[6, 4, 1], '6, 4 and 1'],
])('%j is read as “%s”', (parts, text) => expect(list(parts)).toBe(text))

test.each([
  [0, 'a 0'],
  [1, 'a 1'],
  [8, 'an 8'],
  [10, 'a 10'],
  [11, 'an 11'],
  [18, 'an 18'],
  [80, 'an 80'],
  [100, 'a 100'],
  [110, 'a 110'],
  [180, 'a 180'],
])('card %i is “%s”', (card, text) => expect(aCard(card)).toBe(text))

test('numbers agree with their nouns', () => {
  expect([count(1, 'die', 'dice'), count(0, 'die', 'dice'), count(5, 'die', 'dice')]).toEqual([
    '1 die',
    '0 dice',
    '5 dice',
  ])
  expect([isAre(1), isAre(0), isAre(2)]).toEqual(['is', 'are', 'are'])
  expect(capital('nothing is left')).toBe('Nothing is left')
})
