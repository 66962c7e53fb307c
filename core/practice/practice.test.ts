import { GAMES, gameById } from '#core/games/index'
import { practiceOf } from '#core/practice/practise'
import { suggest, type PracticeTable } from '#core/practice/suggest'
import { PRACTICE } from '#core/practice/table'

test('the table knows every preset of every game', () => {
  expect(Object.fromEntries(Object.entries(PRACTICE).map(([id, presets]) => [id, Object.keys(presets)]))).toEqual(
    Object.fromEntries(GAMES.map(({ id, presets }) => [id, presets.map((preset) => preset.id)])),
  )
})

// All of them would take as long as writing the table does.
test.each([
  ['perch-and-push', 'seven'],
  ['ask-for-rest', 'zeros'],
  ['brim', 'first-steps'],
  ['token-dip', 'below'],
  ['fill-in-order', 'usual'],
] as const)('%s, %s: the table is current (npm run practice)', (id, preset) => {
  const game = gameById(id)!
  expect(practiceOf(game, game.presets.find((each) => each.id === preset)!.rules)).toEqual(PRACTICE[id][preset])
})

const TABLE: PracticeTable = {
  one: { a: { 'add 3 7': 5, 'add 2 8': 0.5, 'add 5 5': 0.1 }, b: { 'add 3 7': 1 } },
  two: { a: { 'add 2 8': 1, 'add 4 6': 1 } },
  three: { a: { 'times 3 7': 9 } },
}
test.each([
  [['add 3 7'], ['one a 2']],
  [
    ['add 2 8', 'add 4 6'],
    ['two a 2', 'one a 0.5'],
  ],
  [['times 2 2'], []],
  // Once in ten matches is none.
  [['add 5 5'], []],
  [[], []],
])('%j: %j', (wished, found) => {
  expect(suggest(TABLE, wished, () => true).map(({ game, preset, times }) => `${game} ${preset} ${times}`)).toEqual(
    found,
  )
})
test('only what may be played is proposed', () => {
  expect(
    suggest(TABLE, ['add 3 7'], (_game, preset) => preset === 'b').map(({ preset, times }) => [preset, times]),
  ).toEqual([['b', 1]])
})
