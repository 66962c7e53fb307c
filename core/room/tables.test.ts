import fc from 'fast-check'
import { tableName } from './names'
import { beside, moved, NEW_TABLE, seatedAt, WAITING, withoutPeople, type RoomTable } from './tables'

const table = (id: string, people: readonly string[], name = id): RoomTable => ({
  id,
  name,
  people,
  game: 'brim',
  preset: 'short',
})
const ROOM = [table('one', ['Ines', 'Bao'], tableName(0)), table('two', ['Wren'], tableName(1))]
const shape = (tables: readonly RoomTable[]) => tables.map(({ id, people }) => [id, ...people])
const made = () => 'made'

test.each([
  [
    'to another table',
    'Ines',
    'two',
    [
      ['one', 'Bao'],
      ['two', 'Wren', 'Ines'],
    ],
  ],
  [
    'from among those who wait',
    'Kofi',
    'two',
    [
      ['one', 'Ines', 'Bao'],
      ['two', 'Wren', 'Kofi'],
    ],
  ],
  [
    'to where they sit: last in the row',
    'Ines',
    'one',
    [
      ['one', 'Bao', 'Ines'],
      ['two', 'Wren'],
    ],
  ],
  ['to those who wait; an empty table goes', 'Wren', WAITING, [['one', 'Ines', 'Bao']]],
  [
    'to a new table',
    'Bao',
    NEW_TABLE,
    [
      ['one', 'Ines'],
      ['two', 'Wren'],
      ['made', 'Bao'],
    ],
  ],
  [
    'to a table that is gone: they wait',
    'Bao',
    'gone',
    [
      ['one', 'Ines'],
      ['two', 'Wren'],
    ],
  ],
])('somebody moves %s', (_what, person, place, after) => {
  expect(shape(moved(ROOM, person, place, made))).toEqual(after)
})

test('a new table gets the first name that is free, and no game yet', () => {
  expect(moved(ROOM, 'Kofi', NEW_TABLE, made).at(-1)).toEqual({
    id: 'made',
    name: tableName(2),
    people: ['Kofi'],
    game: '',
    preset: '',
  })
  // The only one of a table moves to a new one: its old name is free again.
  expect(moved(ROOM, 'Wren', NEW_TABLE, made).at(-1)!.name).toBe(tableName(1))
})

test('however often people are moved, nobody sits twice, no table is empty, no name comes twice', () => {
  const people = ['Ines', 'Bao', 'Wren', 'Kofi', 'Odalys']
  const step = fc.record({
    person: fc.constantFrom(...people),
    place: fc.constantFrom('0', '1', '2', NEW_TABLE, WAITING),
  })
  fc.assert(
    fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
      let n = 0
      let tables: RoomTable[] = []
      for (const { person, place } of steps) tables = moved(tables, person, place, () => String(n++))
      const all = tables.flatMap((each) => each.people)
      return (
        new Set(all).size === all.length &&
        tables.every((each) => each.people.length > 0) &&
        new Set(tables.map(({ name }) => name)).size === tables.length
      )
    }),
  )
})

test.each([
  ['Ines', 1, 'two'],
  ['Wren', 1, 'one'],
  ['Ines', -1, 'two'],
  ['Kofi', 1, 'one'],
  ['Kofi', -1, 'two'],
] as const)('%s, %i further: %s', (person, by, to) => expect(beside(ROOM, person, by)).toBe(to))
test('with no table there is none beside', () => expect(beside([], 'Ines', 1)).toBeNull())

test('whoever is known no more sits nowhere', () =>
  expect(shape(withoutPeople(ROOM, (id) => id === 'Wren' || id === 'Bao'))).toEqual([['one', 'Ines']]))

test('new groups take the tables that were there, with their games; further ones are named', () => {
  const seated = seatedAt([['Wren'], ['Bao', 'Ines'], ['Kofi']], [table('one', ['Ines'], 'Lantern')], made)
  expect(seated.map(({ id, name, game }) => [id, name, game])).toEqual([
    ['one', 'Lantern', 'brim'],
    ['made', tableName(1), ''],
    ['made', tableName(2), ''],
  ])
})
