import { OWN_RULES, stillPlaying, tablesAgain } from '#core/room/again'

let made = 0
const id = () => `t${++made}`
const nobody = () => false
const match = (name: string, at: number, people: readonly (string | null)[], over = true, game = 'brim') => ({
  game,
  name,
  houseRules: { limit: 22 },
  over,
  createdAt: new Date(at * 60_000).toISOString(),
  seats: people.map((personId) => ({ personId })),
})
const shape = (tables: ReturnType<typeof tablesAgain>) =>
  tables.map(({ name, game, people }) => [name, game, ...people])

test('each table as it was played last, with its rules, in the order in which they began', () => {
  const tables = tablesAgain(
    [
      match('Lantern', 1, ['ines', 'bao']),
      match('Buoy', 2, ['wren', 'kofi']),
      match('Lantern', 3, ['ines', 'bao'], true, 'top-total'),
    ],
    nobody,
    id,
  )
  expect(shape(tables)).toEqual([
    ['Buoy', 'brim', 'wren', 'kofi'],
    ['Lantern', 'top-total', 'ines', 'bao'],
  ])
  expect(tables[0]).toMatchObject({ preset: OWN_RULES, rules: { limit: 22 } })
})

test('nobody sits twice: who moved to another table sits there', () => {
  const tables = tablesAgain(
    [match('Lantern', 1, ['ines', 'bao', 'wren']), match('Buoy', 2, ['wren', 'kofi'])],
    nobody,
    id,
  )
  expect(shape(tables)).toEqual([
    ['Lantern', 'brim', 'ines', 'bao'],
    ['Buoy', 'brim', 'wren', 'kofi'],
  ])
})

test('tables of strangers are none, a table without a name gets one, and who still plays is left where they are', () => {
  const matches = [match('Heron', 1, [null, null]), match('', 2, ['odalys', null]), match('Tiller', 3, ['ines'], false)]
  const playing = stillPlaying(matches)
  expect([...playing]).toEqual([['ines', 'Tiller']])
  expect(shape(tablesAgain(matches, (person) => playing.has(person), id))).toEqual([['Lantern', 'brim', 'odalys']])
})
