import { expect, test } from '@playwright/test'
import { append, entriesOf, makeMatch } from './helpers'

const roll = { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } }

test('the same id again records once and gives the same answer', async ({ request }) => {
  const match = await makeMatch(request)
  const first = await (await append(request, match, 0, roll, 'same-id-1')).json()
  await append(request, match, 1, { play: { do: 'stop', by: 1 } })
  await append(request, match, 2, { strike: 1 })
  const again = await append(request, match, 0, roll, 'same-id-1')
  expect(again.status()).toBe(200)
  expect(await again.json()).toEqual(first)
  expect(await entriesOf(request, match)).toHaveLength(3)
})

test('a stale `after` is a conflict with what came in between', async ({ request }) => {
  const match = await makeMatch(request, { entries: [roll] })
  const answer = await append(request, match, 0, roll)
  expect(answer.status()).toBe(409)
  expect(await answer.json()).toMatchObject({
    code: 'stale',
    path: 'after',
    last: 1,
    between: [{ number: 1, entry: roll }],
  })
  expect((await append(request, match, 5, roll)).status()).toBe(409)
  expect(await entriesOf(request, match)).toHaveLength(1)
})

test('many at once: each entry is recorded once, in one order', async ({ request }) => {
  const match = await makeMatch(request)
  const answers = await Promise.all(
    Array.from({ length: 12 }, () => append(request, match, 0, { call: 'note', why: 'gull' })),
  )
  expect(answers.filter((answer) => answer.status() === 200)).toHaveLength(1)
  expect(answers.filter((answer) => answer.status() === 409)).toHaveLength(11)
  expect(await entriesOf(request, match)).toHaveLength(1)
})

test('a refused play is kept as a slip; other refused entries are not recorded', async ({ request }) => {
  const match = await makeMatch(request)
  const slip = await append(request, match, 0, { play: { do: 'stop', by: 1 } })
  expect(await slip.json()).toMatchObject({ number: 1, stands: false, reason: 'nothing-rolled' })
  for (const [entry, code] of [
    [{ strike: 9 }, 'no-such-entry'],
    [{ ruling: { houseRules: { dice: 3 } } }, 'not-changeable'],
    [{ play: { do: 'fly' } }, 'malformed'],
    [{ nothing: true }, 'malformed'],
  ] as const) {
    const answer = await append(request, match, 1, entry)
    expect([answer.status(), (await answer.json()).code]).toEqual([422, code])
  }
  expect(await entriesOf(request, match)).toHaveLength(1)
})

test.describe('errors say code, sentence and path', () => {
  const cases: [string, string, unknown, number, string, string][] = [
    [
      'POST',
      '/api/matches',
      { game: 'brimm', seats: [{ name: 'Ines', pennant: 1 }], first: 1 },
      422,
      'unknown-game',
      'game',
    ],
    ['POST', '/api/matches', { game: 'brim', seats: [], first: 1 }, 422, 'bad-field', 'seats'],
    [
      'POST',
      '/api/matches',
      { game: 'brim', seats: [{ name: 'Ines', pennant: 1 }], first: 2 },
      422,
      'bad-first',
      'first',
    ],
    [
      'POST',
      '/api/matches',
      { game: 'brim', seats: [{ name: 'Ines', pennant: 1 }], first: 1, houseRules: { limit: 1 } },
      422,
      'bad-house-rule',
      'houseRules.limit',
    ],
    ['POST', '/api/matches', Buffer.from('{'), 400, 'not-json', ''],
    ['POST', '/api/people', { name: '   ' }, 422, 'bad-field', 'name'],
    ['GET', '/api/matches/not-there', undefined, 404, 'no-such-match', 'id'],
    ['GET', '/api/matches/..%2f..', undefined, 404, 'not-found', 'id'],
    ['POST', '/api/matches/not-there/entries', { id: 'abcdefgh', after: 0, entry: roll }, 404, 'no-such-match', 'id'],
    ['GET', '/api/matches?limit=0', undefined, 422, 'bad-field', 'limit'],
    ['GET', '/api/nothing', undefined, 404, 'not-found', ''],
  ]
  for (const [method, path, data, status, code, where] of cases)
    test(`${method} ${path} ${code}`, async ({ request }) => {
      const answer = await request.fetch(path, {
        method,
        data: data as object,
        headers: data ? { 'content-type': 'application/json' } : {},
      })
      const body = await answer.json()
      expect([answer.status(), body.code, body.path]).toEqual([status, code, where])
      expect(typeof body.says).toBe('string')
    })
})

test('the live stream resumes from the last number', async ({ request, baseURL }) => {
  const match = await makeMatch(request, { entries: [roll, { play: { do: 'stop', by: 1 } }] })
  const read = async (headers: Record<string, string>, path = `/api/matches/${match}/live`) => {
    const stop = new AbortController()
    const response = await fetch(baseURL + path, { headers, signal: stop.signal })
    const reader = response.body!.getReader()
    let text = ''
    while (!text.includes('event: here')) text += new TextDecoder().decode((await reader.read()).value)
    stop.abort()
    return [...text.matchAll(/^id: (\d+)$/gm)].map(([, id]) => Number(id))
  }
  expect(await read({})).toEqual([1, 2])
  expect(await read({ 'last-event-id': '1' })).toEqual([2])
  expect(await read({}, `/api/matches/${match}/live?after=2`)).toEqual([])
})

test('people: made, changed, forgotten', async ({ request }) => {
  const name = `Gull ${Date.now()}`
  const made = await (await request.post('/api/people', { data: { name } })).json()
  expect((await request.post('/api/people', { data: { name: name.toUpperCase() } })).status()).toBe(409)
  expect((await request.patch(`/api/people/${made.id}`, { data: { pennant: 3 } })).ok()).toBe(true)
  const { people } = await (await request.get('/api/people')).json()
  expect(people.find((person: { id: string }) => person.id === made.id)).toMatchObject({ name, pennant: 3 })
  expect((await request.delete(`/api/people/${made.id}`)).ok()).toBe(true)
  expect((await request.delete(`/api/people/${made.id}`)).status()).toBe(404)
})

test('an idle connection outlasts the pauses of a table', async ({ request }) => {
  expect((await request.get('/api/health')).headers()['keep-alive']).toBe('timeout=65')
})
