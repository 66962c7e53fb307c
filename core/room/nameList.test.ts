import * as fc from 'fast-check'
import { LONGEST_NAME, MOST_NAMES } from '#core/room/nameBounds'
import { readNameList } from '#core/room/nameList'

const known = [
  { id: 'i', name: 'Ines' },
  { id: 'l', name: 'Linnea' },
  { id: 'b', name: 'Bao' },
]
const namesOf = (text: string) => readNameList(text, known).names.map(({ name }) => name)

test.each([
  ['Ines, Tomasz, Bao', ['Ines', 'Tomasz', 'Bao']],
  ['Ines\nTomasz\r\n\n  Bao ', ['Ines', 'Tomasz', 'Bao']],
  ['Ines\tTomasz\tBao', ['Ines', 'Tomasz', 'Bao']],
  ['1. Ines\n2. Tomasz\n3) Bao', ['Ines', 'Tomasz', 'Bao']],
  ['- Ines\n• Tomasz', ['Ines', 'Tomasz']],
  ['Ines; Tomasz;Bao', ['Ines', 'Tomasz', 'Bao']],
  // Two lines of names are a list, not a table.
  ['Ines, Tomasz\nBao, Wren', ['Ines', 'Tomasz', 'Bao', 'Wren']],
  // A table: by its heading, and without one by the numbers beside the names.
  ['No;First name;Born\n1;Ines;2018\n2;Tomasz;2017', ['Ines', 'Tomasz']],
  ['1,Ines\n2,Tomasz', ['Ines', 'Tomasz']],
  ['Name\nIness\nWren', ['Iness', 'Wren']],
  ['"Ana, the tall one",7\n"Bao",8', ['Ana, the tall one', 'Bao']],
  ['Mary  Jo', ['Mary Jo']],
  ['', []],
  [' ,, \n ;', []],
])('%j is read as %j', (text, names) => expect(namesOf(text)).toEqual(names))

test('who is here already and who is nearly somebody is told, and doubles stand once', () => {
  const list = readNameList('ines, Inês, Linea, Wren, Bo, WREN', known)
  expect(list.names).toEqual([
    { name: 'ines', same: 'i', like: null },
    { name: 'Inês', same: null, like: 'i' },
    { name: 'Linea', same: null, like: 'l' },
    { name: 'Wren', same: null, like: null },
    // Too short to be taken for another.
    { name: 'Bo', same: null, like: null },
  ])
  expect(list.doubled).toEqual(['WREN'])
})

test('what is too long or too many is told and left out', () => {
  const many = Array.from({ length: MOST_NAMES + 3 }, (_, i) => `Child ${String.fromCharCode(97 + (i % 26))}${i}`)
  const list = readNameList([...many, 'x'.repeat(LONGEST_NAME + 1)].join('\n'), known)
  expect(list.names).toHaveLength(MOST_NAMES)
  expect(list.beyond).toBe(3)
  expect(list.tooLong).toHaveLength(1)
})

test('whatever is pasted, names are bounded and each once', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 400 }), (text) => {
      const { names } = readNameList(text, known)
      expect(names.length).toBeLessThanOrEqual(MOST_NAMES)
      for (const { name } of names) expect(name.length).toBeLessThanOrEqual(LONGEST_NAME)
      expect(new Set(names.map(({ name }) => name.toLowerCase())).size).toBe(names.length)
    }),
  )
})
