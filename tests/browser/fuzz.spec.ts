import { expect, test } from '@playwright/test'
import fc from 'fast-check'
import { makeMatch } from './helpers'

const RUNS = 120
const text = fc.string({ unit: 'binary', maxLength: 30 })
const json = fc.jsonValue({ maxDepth: 3 })
const play = fc.record(
  {
    do: fc.constantFrom('roll', 'stop', 'x'),
    by: fc.oneof(fc.integer(), json),
    dice: fc.oneof(fc.array(fc.integer({ min: -1, max: 7 })), json),
    said: fc.oneof(fc.maxSafeInteger(), json),
    keep: json,
  },
  { requiredKeys: ['do'] },
)
const entry = fc.oneof(
  json,
  fc.record({ play: fc.oneof(play, json), why: text, overrule: text }, { requiredKeys: ['play'] }),
  fc.record({ strike: fc.oneof(fc.integer({ min: -2, max: 9 }), json) }),
  fc.record({ amend: fc.integer({ min: -2, max: 9 }), play }),
  fc.record({
    ruling: fc.oneof(
      fc.record({ houseRules: fc.dictionary(fc.constantFrom('rounds', 'tie', 'minutes', 'x'), json) }),
      fc.record({ award: fc.record({ by: fc.integer(), points: fc.maxSafeInteger() }) }),
      json,
    ),
  }),
  fc.record({ call: fc.oneof(fc.constantFrom('finish', 'time', 'note', 'chart'), json) }),
)

test('whatever is posted as an entry: no 5xx, and a refusal changes nothing', async ({ request }) => {
  test.slow()
  const match = await makeMatch(request)
  const stateOf = async () =>
    (await request.get(`/api/matches/${match}`)).json() as Promise<{ last: number; entries: unknown[] }>
  let last = (await stateOf()).last
  let n = 0
  await fc.assert(
    fc.asyncProperty(entry, async (raw) => {
      const answer = await request.post(`/api/matches/${match}/entries`, {
        data: { id: `fuzz-entry-${n++}`, after: last, entry: raw },
      })
      expect([answer.status() < 500, JSON.stringify(raw)]).toEqual([true, JSON.stringify(raw)])
      const now = await stateOf()
      expect(now.last).toBe(answer.ok() ? last + 1 : last)
      expect(now.entries).toHaveLength(now.last)
      last = now.last
    }),
    { numRuns: RUNS },
  )
})

test('whatever is posted anywhere: no 5xx', async ({ request }) => {
  test.slow()
  const match = await makeMatch(request)
  const paths = [
    '/api/matches',
    '/api/people',
    '/api/matches/import',
    '/api/archive',
    `/api/matches/${match}/clock`,
    `/api/matches/${match}/board`,
    '/api/session',
  ]
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom(...paths),
      fc.oneof(
        json.map((value) => JSON.stringify(value)),
        text,
      ),
      async (path, body) => {
        const answer = await request.post(path, {
          data: Buffer.from(body),
          headers: { 'content-type': 'application/json' },
        })
        expect([path, body, answer.status() < 500]).toEqual([path, body, true])
      },
    ),
    { numRuns: RUNS },
  )
})

test('whatever a match file holds: it is judged or refused whole', async ({ request }) => {
  test.slow()
  const file = fc.record(
    {
      format: fc.constant('nimble-tally/match'),
      version: fc.constant(1),
      game: fc.constantFrom('brim', 'x'),
      players: fc.array(fc.oneof(fc.constantFrom('A', 'B'), text), { maxLength: 3 }),
      houseRules: fc.dictionary(fc.constantFrom('dice', 'rounds'), json),
      entries: fc.array(entry, { maxLength: 6 }),
      seed: json,
      opening: json,
    },
    { requiredKeys: ['format', 'version', 'game', 'players'] },
  )
  await fc.assert(
    fc.asyncProperty(file, async (given) => {
      const answer = await request.post('/api/matches/import', { data: given })
      expect([201, 422, 400]).toContain(answer.status())
      const body = await answer.json()
      if (answer.status() !== 201) return expect(typeof body.says).toBe('string')
      expect((await (await request.get(`/api/matches/${body.id}`)).json()).entries).toHaveLength(
        given.entries?.length ?? 0,
      )
      await request.delete(`/api/matches/${body.id}`)
    }),
    { numRuns: RUNS },
  )
})
