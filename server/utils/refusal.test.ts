import { createApp, createRouter, defineEventHandler, setResponseStatus, toWebHandler } from 'h3'
import { defineRoute, Refusal } from './refusal'

// What Nitro puts into every server file by itself.
Object.assign(globalThis, { defineEventHandler, setResponseStatus })
/** Asks a route that does this, and gives status and answer. */
async function asked(does: () => unknown, route = '/api/people/:id') {
  const app = createApp()
  const handler = defineRoute(does)
  app.use(route.includes(':') ? createRouter().get(route, handler).handler : handler)
  const response = await toWebHandler(app)(new Request('http://here/api/people/Bao-9?name=Bao'))
  expect(response.headers.get('content-type')).toBe('application/json')
  return [response.status, await response.json()] as const
}

let logged: jest.SpyInstance
beforeEach(() => {
  logged = jest.spyOn(console, 'error').mockImplementation(() => undefined)
})
afterEach(() => logged.mockRestore())

test('what breaks is logged with its route and without what was asked, and answered in a sentence', async () => {
  const error = new Error('no such column')
  expect(await asked(() => Promise.reject(error))).toEqual([
    500,
    { code: 'broken', says: expect.stringMatching(/^Something broke .* Nothing was recorded; try again\.$/), path: '' },
  ])
  expect(logged.mock.calls).toEqual([
    ['GET /api/people/:id broke:', expect.stringMatching(/^Error: no such column\n\s+at /)],
  ])
})

test('a database that is away for a moment is no fault of ours: pages send again what it could not take', async () => {
  const error = new Error('query failed', { cause: Object.assign(new Error('gone'), { code: 'CONNECTION_CLOSED' }) })
  expect(await asked(() => Promise.reject(error))).toMatchObject([503, { code: 'database-away', path: '' }])
  expect(logged).not.toHaveBeenCalled()
})

test('outside any known route the path is logged, never the question', async () => {
  await asked(() => {
    throw new TypeError('odd')
  }, '/api')
  expect(logged.mock.calls[0]![0]).toBe('GET /api/people/Bao-9 broke:')
})

test('a refusal is no fault: it goes to whoever asked, short, and not to the log', async () => {
  const answer = await asked(() => {
    throw new Refusal(409, 'taken', 'x'.repeat(5000), 'name', { newest: 4 })
  })
  expect(answer).toEqual([409, { code: 'taken', says: `${'x'.repeat(300)} …`, path: 'name', newest: 4 }])
  expect(logged).not.toHaveBeenCalled()
})

test('what is no refusal is answered as it is', async () => {
  expect(await asked(() => ({ people: [{ name: 'Bao' }] }))).toEqual([200, { people: [{ name: 'Bao' }] }])
})
