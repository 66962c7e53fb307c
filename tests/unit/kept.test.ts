import * as z from 'zod'
import { readKept } from '../../app/utils/readKept'

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
