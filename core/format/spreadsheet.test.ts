import * as fc from 'fast-check'
import Papa from 'papaparse'
import { localTime, makeSpreadsheet } from '#core/format/spreadsheet'

const read = (text: string) => Papa.parse<string[]>(text.replace(/\r\n$/, ''), { delimiter: ',' }).data
const bare = (cell: string) => cell.replace(/^\u2060/, '')

test('a spreadsheet reads every cell back as it was, and calculates none', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.string(), fc.integer(), fc.string()), { minLength: 1 }), (rows) => {
      const columns = ['name', 'score', 'text']
      const made = makeSpreadsheet(
        rows.map(([name, score, text]) => ({ name: `x${name}`, score, text: `=${text}` })),
        { columns },
      )
      expect(made.startsWith('\uFEFFname,score,text\r\n')).toBe(true)
      const data = read(made.slice(1))
      expect(data.slice(1).map((row) => row.map(bare))).toEqual(
        rows.map(([name, score, text]) => [`x${name}`, String(score), `=${text}`]),
      )
      for (const row of data.slice(1)) expect(row[2]).toMatch(/^\u2060=/)
    }),
  )
})

test.each([
  ['=1+1', '\u2060=1+1'],
  ['@sum', '\u2060@sum'],
  ['+cmd', '\u2060+cmd'],
  ['-cmd|1', '\u2060-cmd|1'],
  ['-Ab_3x', '\u2060-Ab_3x'],
  ['\t=1', '\u2060\t=1'],
  ['-3', '-3'],
  ['+3.5', '+3.5'],
  ['-3; 4; -12', '-3; 4; -12'],
  ['Ines = 3', 'Ines = 3'],
])('%j is told as %j', (cell, told) => {
  expect(read(makeSpreadsheet([{ a: cell, b: 'x' }], { columns: ['a', 'b'], goesOn: true }))[0]![0]).toBe(told)
})

test('moments are told by the clocks of the room', () => {
  expect(localTime('2026-07-01T23:30:05.123Z', 'Europe/Amsterdam')).toBe('2026-07-02 01:30:05')
  expect(localTime('2026-11-28T23:30:00Z', 'UTC')).toBe('2026-11-28 23:30:00')
  expect(localTime(undefined, 'UTC')).toBe('')
})
