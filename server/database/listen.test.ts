import { readTold } from './listen'

const told = { by: 'nimble-tally a', room: 'one', kind: 'recorded', about: 'buoy', before: 3, last: 4 }

test('what a transaction told is read', () => {
  expect(readTold(JSON.stringify(told))).toEqual(told)
})

test.each([
  ['', 'nothing'],
  ['{', 'no JSON'],
  ['null', 'nothing in it'],
  [JSON.stringify({ ...told, kind: 'sunk' }), 'a kind that no version of ours tells'],
  [JSON.stringify({ ...told, about: 7 }), 'no id'],
])('%j is left alone: %s', (payload) => {
  expect(readTold(payload)).toBeNull()
})
