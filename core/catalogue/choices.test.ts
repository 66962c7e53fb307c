import { isChosen } from '#core/catalogue/choices'

test.each([
  ['all', [0, 3], true],
  ['not-yet', [0, 0], true],
  ['not-yet', [], true],
  ['not-yet', [0, 1], false],
  ['only-once', [1, 0], true],
  ['only-once', [1, 1], true],
  ['only-once', [0, 0], false],
  ['only-once', [2, 1], false],
] as const)('%s of %j: %s', (filter, times, chosen) => {
  expect(isChosen(filter, times)).toBe(chosen)
})
