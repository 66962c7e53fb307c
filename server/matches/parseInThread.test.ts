import { parseInThread } from './parseInThread'

const bytes = (text: string) => Buffer.from(text)
const refusalOf = (text: string) =>
  parseInThread(bytes(text)).then(
    () => null,
    (error: { status: number; code: string }) => [error.status, error.code],
  )

test('an archive is its frame, and its matches one by one', async () => {
  const parsed = await parseInThread(bytes('\uFEFF{"format":"x","people":[1],"matches":[{"id":"a"},{"id":"b"}]}'))
  expect(parsed.frame).toEqual({ format: 'x', people: [1] })
  expect(parsed.count).toBe(2)
  expect(await parsed.match(1)).toEqual({ id: 'b' })
  expect(await parsed.match(0)).toEqual({ id: 'a' })
  parsed.end()
})

test('what is no object at all has no matches, and is for the reader of the frame to refuse', async () => {
  for (const text of ['null', '[]', '3']) {
    const parsed = await parseInThread(bytes(text))
    expect([text, parsed.frame, parsed.count]).toEqual([text, JSON.parse(text), 0])
    parsed.end()
  }
})

test.each([
  ['{"matches":[', [422, 'not-json']],
  ['', [422, 'not-json']],
  ['{}', [422, 'bad-archive']],
  ['{"matches":3}', [422, 'bad-archive']],
  [`{"deep":${'['.repeat(60)}${']'.repeat(60)},"matches":[]}`, [422, 'too-deep']],
])('%.30s is refused', async (text, refusal) => {
  expect(await refusalOf(text)).toEqual(refusal)
})

test('a match that is nested too deep is refused by itself; the others can still be had', async () => {
  const deep = `${'['.repeat(60)}${']'.repeat(60)}`
  const parsed = await parseInThread(bytes(`{"matches":[${deep},{"id":"b"}]}`))
  await expect(parsed.match(0)).rejects.toMatchObject({ code: 'too-deep' })
  expect(await parsed.match(1)).toEqual({ id: 'b' })
  parsed.end()
})
