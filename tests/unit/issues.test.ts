import * as z from 'zod'
import * as shapes from '#shared/requests'

const SHAPES = Object.entries(shapes).flatMap(([name, shape]): [string, z.ZodType][] =>
  (shape as unknown) instanceof z.ZodType ? [[name, shape as z.ZodType]] : [],
)
/** What nobody should send. */
const JUNK = [undefined, null, 3, -1, 2.5, 'x'.repeat(5000), '', [], [null], {}, { zz: 1 }, { do: 'nothing' }, true]

/** Every field of a shape got wrong in every way, one at a time. */
function junkFor(shape: z.ZodType): unknown[] {
  const fields = shape instanceof z.ZodObject ? Object.keys(shape.shape) : ['name', 'do', 'minutes', 'seats', 'ids']
  return [...JUNK, ...fields.flatMap((field) => JUNK.map((value) => ({ [field]: value })))]
}

test.each(SHAPES)('%s says what is needed in our own words, never the library’s', (_name, shape) => {
  for (const junk of junkFor(shape)) {
    const read = shape.safeParse(junk)
    if (read.success) continue
    for (const { message } of read.error.issues) {
      expect(message).not.toMatch(/invalid|expected|received|too (big|small)|unrecognized|input|pattern/i)
      expect(message).toMatch(/^[A-ZÀ-Ý0-9].*[^.]\.$/)
    }
  }
})

test.each<[z.ZodType, unknown, string]>([
  [z.array(z.int()), undefined, 'A list is needed.'],
  [z.string().max(3), 'long', '3 letters at most.'],
  [z.string().min(1), '', 'It is empty.'],
  [z.array(z.int()).min(2), [1], '2 in the list at least.'],
  [z.int().max(8), 9, '8 at most.'],
  [z.int(), 1.5, 'A whole number is needed.'],
  [z.enum(['table', 'dealt']), 'x', 'One of these is needed: table and dealt.'],
  [z.strictObject({}), { zz: 1 }, 'Nobody knows “zz” here.'],
  [z.union([z.string(), z.number()]), null, 'Something else is needed.'],
])('%#: what is needed', (shape, value, says) => {
  expect(shape.safeParse(value).error?.issues[0]?.message).toBe(says)
})
