import { FILLED, filling, lengthRule } from '#core/lab/fill'
import { searchRule, type Tried } from '#core/lab/search'
import { GAMES, gameById } from '#core/games/index'

const tried = (value: number, usual: number, ended = 1): Tried => ({
  value,
  minutes: { low: usual - 1, usual, high: usual + 1 },
  ended,
})

test.each([
  [[tried(3, 6), tried(5, 10), tried(8, 17)], 15, 8],
  [[tried(3, 6), tried(5, 10)], 20, null],
  [[tried(3, 15, 0.5)], 15, null],
  [[], 10, null],
])('%j for %s minutes: %s', (all, minutes, value) => {
  expect(filling(all, minutes)?.value ?? null).toBe(value)
})

test('every game but those without a number that counts has a rule to be turned', () => {
  const without = GAMES.filter((game) => lengthRule(game) === null).map(({ id }) => id)
  expect(without).toEqual([
    'turn-two',
    'hundred-stops',
    'step-and-gather',
    'say-it-first',
    'place-strike',
    'last-digit-chains',
  ])
})

test('rounds of Top Total are found for each time that is offered, and fill it when they are played', () => {
  const game = gameById('top-total')!
  for (const minutes of FILLED) {
    const search = {
      game,
      houseRules: {},
      players: ['best', 'best'] as const,
      pace: 12,
      rule: 'rounds',
      minutes,
      seed: 'quay',
    }
    const found = filling([...searchRule(search)], minutes)!
    // Two plays a round, twelve seconds each.
    expect(Math.abs((found.value * 2 * 12) / 60 - minutes)).toBeLessThan(2)
  }
})
