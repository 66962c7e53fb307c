import * as z from 'zod'
import { NAMING } from '../../app/utils/naming'
import { readKept } from '../../app/utils/readKept'
import { sourcesOf } from './sources'

const shape = z.object({ here: z.array(z.string()), wished: z.number().default(3) })

test.each([
  ['{"here":["a"],"wished":2}', { here: ['a'], wished: 2 }],
  ['{"here":[]}', { here: [], wished: 3 }],
  ['{"here":"a"}', undefined],
  ['{"here":[1]}', undefined],
  ['null', undefined],
  ['here', undefined],
  ['', undefined],
])('what stands in the storage as %s is read as %j', (raw, read) => expect(readKept(raw, shape)).toEqual(read))

/** How this device likes things, and counts by game: they name nobody. */
const NAMELESS = [
  'board-sums-at-once',
  'brim-total',
  'draw-verdict',
  'drawing',
  'fact-square',
  'heard',
  'help-drawing',
  'help-on-board',
  'helper',
  'ladder-total',
  'line-blank',
  'pad-heights',
  'print-wishes',
  'referee',
  'referee-timed',
  // The code of the room that this device was in last.
  'school-room',
  'talk-cards',
  'tape-struck',
  'watch-pace',
  'watch-slips',
  'ways-names',
  'workshop-seats',
]

test('whatever a device keeps is forgotten with a room of a school, or names nobody', () => {
  const texts = sourcesOf('app').map(({ text }) => text)
  const kept = texts.flatMap((text) =>
    [...text.matchAll(/\b(?:useLocalStorage|useKept)(?:<[^(]*>)?\(\s*([^,]+),/g)].map(([, key]) => key!.trim()),
  )
  // Where a key is handed on there is none to be seen: in useKept itself.
  const keys = kept.flatMap((key) => (key === 'key' || key === 'key: string' ? [] : [key]))
  expect(new Set(keys)).toEqual(new Set([...NAMING, ...NAMELESS].map((key) => `'${key}'`)))
})
