import http from 'node:http'
import { expect, test } from '@playwright/test'
import { append, makeMatch } from './helpers'

/** What is sent to break it: an answer that says what is wrong, of a bounded length, and never a 500. */
const DEEP = `${'['.repeat(200_000)}${']'.repeat(200_000)}`
const MATCH = { format: 'nimble-tally/match', version: 1, game: 'brim', players: ['Ines'] }
const SETUP = { game: 'brim', seats: [{ name: 'Ines', pennant: 1 }], first: 1 }
const AT = '2026-11-21T10:00:00Z'
const archiveOf = (match: object) => ({
  format: 'nimble-tally/archive',
  version: 1,
  madeAt: AT,
  people: [],
  matches: [
    {
      id: 'bounds',
      createdAt: AT,
      updatedAt: AT,
      used: 0,
      seats: [{ pennant: 1, personId: null }],
      recorded: [],
      match: MATCH,
      ...match,
    },
  ],
})
const json = JSON.stringify

const CASES: [string, string, string, number, string][] = [
  [
    'a person who is not known',
    '/api/matches',
    json({ ...SETUP, seats: [{ name: 'Ines', pennant: 1, personId: 'nobody' }] }),
    422,
    'no-such-person',
  ],
  [
    'deep house rules',
    '/api/matches/import',
    json(MATCH).replace(/}$/, `,"houseRules":{"dice":${DEEP}}}`),
    422,
    'too-deep',
  ],
  ['a deep entry', '/api/matches/import', json(MATCH).replace(/}$/, `,"entries":[${DEEP}]}`), 422, 'too-deep'],
  ['a version that is an object', '/api/matches/import', json({ ...MATCH, version: { a: 1 } }), 422, 'bad-version'],
  [
    'a version as long as a book',
    '/api/matches/import',
    json({ ...MATCH, version: 'x'.repeat(300_000) }),
    422,
    'bad-version',
  ],
  [
    'a house rule as long as a book',
    '/api/matches/import',
    json({ ...MATCH, houseRules: { ['k'.repeat(1e6)]: 1 } }),
    422,
    'unknown-house-rule',
  ],
  [
    'twenty thousand house rules that there are not',
    '/api/matches/import',
    json({ ...MATCH, houseRules: Object.fromEntries(Array.from({ length: 20_000 }, (_, i) => [`k${i}`, i])) }),
    422,
    'unknown-house-rule',
  ],
  [
    'more entries than a match holds',
    '/api/matches/import',
    json({ ...MATCH, entries: Array.from({ length: 5001 }, () => 0) }),
    422,
    'too-long',
  ],
  ['an archive that breaks off', '/api/archive', json(archiveOf({})).slice(0, -3), 422, 'not-json'],
  ['an archive without its matches', '/api/archive', json({ ...archiveOf({}), matches: 5 }), 422, 'bad-archive'],
  [
    'an archive as deep as a well',
    '/api/archive',
    json(archiveOf({})).replace(/"people":\[\]/, `"people":${DEEP}`),
    422,
    'too-deep',
  ],
]
for (const [what, path, body, status, code] of CASES)
  test(`${what} is refused in few words`, async ({ request }) => {
    const answer = await request.post(path, {
      data: Buffer.from(body),
      headers: { 'content-type': 'application/json' },
    })
    const text = await answer.text()
    expect([answer.status(), (JSON.parse(text) as { code: string }).code]).toEqual([status, code])
    expect(text.length).toBeLessThan(64_000)
  })

test('an archived match as deep as a well is named, and the others come back', async ({ request }) => {
  const deep = json(archiveOf({ match: 'DEEP' }).matches[0]).replace('"DEEP"', DEEP)
  const sound = json({ ...archiveOf({}).matches[0], id: 'sound-beside-deep' })
  const data = Buffer.from(
    json({ ...archiveOf({}), matches: [] }).replace('"matches":[]', `"matches":[${deep},${sound}]`),
  )
  const answer = await request.post('/api/archive', { data, headers: { 'content-type': 'application/json' } })
  const { matches, left } = (await answer.json()) as { matches: number; left: { path: string; code: string }[] }
  expect([answer.status(), matches, left.map(({ path, code }) => [path, code])]).toEqual([
    200,
    1,
    [['matches.0', 'too-deep']],
  ])
  await request.delete('/api/matches/sound-beside-deep')
})

for (const [what, broken] of [
  ['a time before all calendars', { createdAt: '0000-01-01T10:00:00Z' }],
  ['a clock beyond all time', { used: 1e300 }],
  ['an id that is none', { id: 7 }],
] as const)
  test(`an archived match with ${what} is named, and the others come back`, async ({ request }) => {
    const archive = archiveOf(broken)
    const sound = { ...archive.matches[0], ...archiveOf({}).matches[0], id: `sound-${what.length}` }
    const answer = await request.post('/api/archive', { data: { ...archive, matches: [...archive.matches, sound] } })
    const { matches, left, leftOut } = (await answer.json()) as {
      matches: number
      left: { path: string; code: string }[]
      leftOut: number
    }
    expect([answer.status(), matches, leftOut, left.map(({ path, code }) => [path, code])]).toEqual([
      200,
      1,
      1,
      [[`matches.0.${Object.keys(broken)[0]}`, 'bad-archive']],
    ])
    await request.delete(`/api/matches/${sound.id}`)
  })

test('numbers that no table needs are refused where they are appended', async ({ request }) => {
  const match = await makeMatch(request)
  const award = await append(request, match, 0, { ruling: { award: { by: 1, points: 10_001 } } })
  expect([award.status(), (await award.json()).code]).toEqual([422, 'malformed'])
  expect((await append(request, match, 2 ** 31, { call: 'note' })).status()).toBe(422)
  expect((await append(request, match, 0, { ruling: { award: { by: 1, points: 10_000 } } })).status()).toBe(200)
})

test('a body without an end is cut off as it comes, and the others are served', async ({ request, baseURL }) => {
  let sent = 0
  const status = await new Promise((resolve, reject) => {
    let answered = false
    const asked = http.request(
      `${baseURL}/api/people`,
      { method: 'POST', headers: { 'content-type': 'application/json' } },
      (answer) => {
        answered = true
        answer.resume()
        resolve(answer.statusCode)
      },
    )
    // The next piece once this one is on its way: what waits here was not sent, however busy the machine is.
    const send = () => {
      if (answered) return
      asked.write('x'.repeat(256 * 1024), () => {
        sent += 256 * 1024
        setImmediate(send)
      })
    }
    send()
    asked.on('error', reject)
  })
  expect(status).toBe(413)
  expect(sent).toBeLessThan(30_000_000)
  expect((await request.get('/api/people')).ok()).toBe(true)
})

test('a name that somebody has asks whether both are one; then what the one did is the other’s', async ({
  request,
}) => {
  const make = async (name: string) =>
    ((await (await request.post('/api/people', { data: { name } })).json()) as { id: string }).id
  const [keeps, goes] = [await make('Merle'), await make('Merle two')]
  const made = await request.post('/api/matches', {
    data: { ...SETUP, seats: [{ name: 'Merle', pennant: 1, personId: goes }] },
  })
  const { id } = (await made.json()) as { id: string }
  const asked = await request.patch(`/api/people/${goes}`, { data: { name: 'merle' } })
  expect([asked.status(), await asked.json()]).toMatchObject([409, { code: 'name-taken', same: keeps }])
  expect((await request.patch(`/api/people/${goes}`, { data: { name: 'merle', merge: true } })).ok()).toBe(true)
  const { people } = (await (await request.get('/api/people')).json()) as { people: { id: string }[] }
  expect(people.filter((person) => person.id === goes || person.id === keeps)).toHaveLength(1)
  expect(((await (await request.get(`/api/matches/${id}`)).json()) as { seats: object[] }).seats[0]).toMatchObject({
    personId: keeps,
  })
})

test('the application’s own files are sent compressed', async ({ request }) => {
  const [, script] = /(\/_nuxt\/[\w-]+\.js)/.exec(await (await request.get('/')).text())!
  for (const encoding of ['br', 'gzip'])
    expect(
      (await request.get(script!, { headers: { 'accept-encoding': encoding } })).headers()['content-encoding'],
    ).toBe(encoding)
})
