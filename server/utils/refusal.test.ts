import type { H3Event } from 'h3'
import { defineRoute, Refusal } from './refusal'

const statuses: number[] = []
// What Nitro puts into every server file by itself.
Object.assign(globalThis, {
  defineEventHandler: (handler: unknown) => handler,
  setResponseStatus: (_event: unknown, status: number) => statuses.push(status),
})
const event = (route?: string) =>
  ({
    method: 'GET',
    path: '/api/people/Bao-9?name=Bao',
    context: route ? { matchedRoute: { path: route } } : {},
  }) as unknown as H3Event
/** Asks a route that does this. */
const asked = (does: () => unknown, at = event('/api/people/:id')) =>
  (defineRoute(does) as unknown as (event: H3Event) => Promise<unknown>)(at)

let logged: jest.SpyInstance
beforeEach(() => {
  statuses.length = 0
  logged = jest.spyOn(console, 'error').mockImplementation(() => undefined)
})
afterEach(() => logged.mockRestore())

test('what breaks is logged with its route and without what was asked, and answered in a sentence', async () => {
  const error = new Error('no such column')
  const answer = await asked(() => Promise.reject(error))
  expect(statuses).toEqual([500])
  expect(answer).toEqual({
    code: 'broken',
    says: expect.stringMatching(/^Something broke .* Nothing was recorded; try again\.$/),
    path: '',
  })
  expect(logged.mock.calls).toEqual([
    ['GET /api/people/:id broke:', expect.stringMatching(/^Error: no such column\n\s+at /)],
  ])
})

test('a database that is away for a moment is no fault of ours: pages send again what it could not take', async () => {
  const error = new Error('query failed', { cause: Object.assign(new Error('gone'), { code: 'CONNECTION_CLOSED' }) })
  expect(await asked(() => Promise.reject(error))).toMatchObject({ code: 'database-away', path: '' })
  expect([statuses, logged.mock.calls]).toEqual([[503], []])
})

test('outside any known route the path is logged, never the question', async () => {
  await asked(() => {
    throw new TypeError('odd')
  }, event())
  expect(logged.mock.calls[0]![0]).toBe('GET /api/people/Bao-9 broke:')
})

test('a refusal is no fault: it goes to whoever asked, short, and not to the log', async () => {
  const answer = await asked(() => {
    throw new Refusal(409, 'taken', 'x'.repeat(5000), 'name', { newest: 4 })
  })
  expect(statuses).toEqual([409])
  expect(answer).toEqual({ code: 'taken', says: `${'x'.repeat(300)} …`, path: 'name', newest: 4 })
  expect(logged).not.toHaveBeenCalled()
})
