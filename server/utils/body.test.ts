import { PassThrough } from 'node:stream'
import * as fc from 'fast-check'
import type { H3Event } from 'h3'
import { bytesOf, isNestedDeeper } from './body'

beforeAll(() => {
  Object.assign(globalThis, {
    getRequestHeader: (event: H3Event, name: string) => event.node.req.headers[name],
  })
})

/** A request whose body comes in pieces. */
function request(pieces: readonly string[], headers: Record<string, string> = {}): H3Event {
  const req = Object.assign(new PassThrough(), { headers })
  for (const piece of pieces) req.write(piece)
  req.end()
  return { node: { req } } as unknown as H3Event
}

test.each([
  [['ahoy'], 4, 'ahoy'],
  [['ah', 'oy'], 4, 'ahoy'],
  [[], 4, ''],
])('%j within %d bytes is read', async (pieces, most, text) => {
  expect((await bytesOf(request(pieces), most)).toString()).toBe(text)
})

test.each([
  [['ahoys'], {}],
  [['ah', 'oy', 's'], {}],
  [['a'], { 'content-length': '5' }],
])('%j with %j is more than four bytes', async (pieces, headers) => {
  await expect(bytesOf(request(pieces, headers), 4)).rejects.toMatchObject({ status: 413, code: 'too-large' })
})

/** How deep a value is nested, counted the plain way. */
const depthOf = (value: unknown): number =>
  typeof value === 'object' && value !== null ? 1 + Math.max(0, ...Object.values(value).map(depthOf)) : 0

test('depth is told from the text alone, brackets in strings left out', () => {
  fc.assert(
    fc.property(fc.json({ maxDepth: 6 }), fc.integer({ min: 0, max: 8 }), (text, most) => {
      expect(isNestedDeeper(text, most)).toBe(depthOf(JSON.parse(text)) > most)
    }),
  )
  expect(isNestedDeeper(JSON.stringify({ a: '[[[[', b: '\\"{{{' }), 1)).toBe(false)
})
