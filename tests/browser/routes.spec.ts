import { expect, test } from '@playwright/test'
import postgres from 'postgres'
import { ownCluster } from './cluster'
import { KEEPERS, ROUTES, routesThere, settle, type Asked, type Settled, type Who } from './routes'
import { ownServer } from './server'

/** Every route by everybody who may ask, on both databases: a new route that is not in the table fails. */
const PASSCODE = 'lantern-eight'
const COOKIES = ['nimble-tally', 'nimble-tally-helper'] as const

test('the table of routes is that of the server', () => {
  expect([...Object.keys(ROUTES), ...Object.keys(KEEPERS)].sort()).toEqual(routesThere().sort())
})

for (const [database, nth] of [
  ['PGlite', 70],
  ['PostgreSQL', 74],
] as const)
  test.describe(database, () => {
    test.describe.configure({ mode: 'serial' })
    const server = ownServer(nth, { host: '0.0.0.0' })
    let stop = async () => {}
    let url: string | null = null
    let at: Settled
    /** What a referee's device, and a helper's, have as their cookie. */
    let referee = ''
    let helper = ''

    /** What is kept of sessions that ended before their time; seen in the database itself, where that is a server. */
    async function endedSessions(): Promise<unknown> {
      if (!url) return null
      const client = postgres(url)
      const rows = await client`select value from settings where key = 'ended-sessions'`
      await client.end()
      return rows[0]?.value
    }

    test.beforeAll(async () => {
      let env: Readonly<Record<string, string>> = { NIMBLE_PASSCODE: PASSCODE }
      if (database === 'PostgreSQL') {
        const cluster = await ownCluster()
        stop = cluster.stop
        url = cluster.url
        env = { ...env, DATABASE_URL: url }
      }
      await server.start(env)
      // Ready is said once the passcode is in force.
      referee = cookieOf(await ask('POST', '/api/session', { body: { passcode: PASSCODE } }), 'nimble-tally')
      at = await settle(async <T>(method: string, path: string, body?: unknown) => {
        const answer = await ask(method, path, { body, cookie: `nimble-tally=${referee}` })
        expect([method, path, answer.status, answer.status < 300 || (await answer.text())]).toEqual([
          method,
          path,
          answer.status,
          true,
        ])
        return (await answer.json()) as T
      })
      helper = cookieOf(await ask('POST', '/api/helper', { body: { code: at.code } }), 'nimble-tally-helper')
    })
    test.afterAll(async () => {
      await server.stop()
      await stop()
    })

    function ask(
      method: string,
      path: string,
      { body, cookie, headers = {} }: { body?: unknown; cookie?: string; headers?: Record<string, string> } = {},
    ) {
      const sent: Record<string, string> = body === undefined ? {} : { 'content-type': 'application/json' }
      const mine: Record<string, string> = cookie ? { cookie } : {}
      return fetch(server.address + path, {
        method,
        headers: { ...sent, ...mine, ...headers },
        body: body === undefined ? undefined : JSON.stringify(body),
      })
    }

    async function status(
      route: string,
      asked: Asked,
      how: { cookie?: string; headers?: Record<string, string> },
    ): Promise<number> {
      const [method] = route.split(' ') as [string]
      const answer = await ask(method, asked.path(at), { body: asked.body?.(at), ...how })
      if (answer.ok && asked.stream) expect(answer.headers.get('content-type')).toContain('text/event-stream')
      if (!answer.ok)
        expect([route, typeof ((await answer.json()) as { says: unknown }).says]).toEqual([route, 'string'])
      else if (asked.stream) await answer.body!.cancel()
      else await answer.arrayBuffer()
      return answer.status
    }

    const cookies: Readonly<Record<Who, () => string>> = {
      stranger: () => '',
      helper: () => `nimble-tally-helper=${helper}`,
    }
    for (const who of ['stranger', 'helper'] as const)
      test(`a ${who} is refused whatever is not theirs`, async () => {
        for (const [route, asked] of Object.entries(ROUTES))
          if (!asked.open?.includes(who))
            expect([route, await status(route, asked, { cookie: cookies[who]() })]).toEqual([route, 401])
        // A helper helps at one table: at no other, and with nothing of the referee's.
        if (who === 'helper')
          for (const path of [`/api/matches/${at.other}`, `/api/matches/${at.other}/live`])
            expect([path, (await ask('GET', path, { cookie: cookies.helper() })).status]).toEqual([path, 401])
      })

    test('where there is one room there is no keeper', async () => {
      for (const [route, { path, body }] of Object.entries(KEEPERS)) {
        const [method] = route.split(' ') as [string]
        const answer = await ask(method, path('one'), { body: body?.('Heron'), cookie: `nimble-tally=${referee}` })
        expect([route, answer.status]).toEqual([route, 404])
      }
    })

    test('what was sealed for one cookie opens nothing under the name of another', async () => {
      const sealed = { 'nimble-tally': referee, 'nimble-tally-helper': helper }
      for (const name of COOKIES)
        for (const other of COOKIES) {
          if (name === other) continue
          for (const path of ['/api/matches', `/api/matches/${at.match}`, '/api/archive', '/api/people'])
            expect([
              path,
              name,
              other,
              (await ask('GET', path, { cookie: `${other}=${sealed[name]}` })).status,
            ]).toEqual([path, name, other, 401])
          expect(await (await ask('GET', '/api/session', { cookie: `${other}=${sealed[name]}` })).json()).toMatchObject(
            { mayRecord: false, helps: null },
          )
          // By a header neither.
          expect((await ask('GET', '/api/matches', { headers: { [`x-${other}-session`]: sealed[name] } })).status).toBe(
            401,
          )
        }
      for (const name of COOKIES)
        expect((await ask('GET', '/api/matches', { headers: { [`x-${name}-session`]: sealed[name] } })).status).toBe(
          401,
        )
    })

    test('another site’s page is refused everything, looking too', async () => {
      for (const site of ['cross-site', 'same-site'])
        for (const [route, asked] of Object.entries(ROUTES))
          expect([
            route,
            await status(route, asked, { cookie: `nimble-tally=${referee}`, headers: { 'sec-fetch-site': site } }),
          ]).toEqual([route, 403])
      for (const site of ['same-origin', 'none'])
        expect(
          (await ask('GET', '/api/matches', { cookie: `nimble-tally=${referee}`, headers: { 'sec-fetch-site': site } }))
            .status,
        ).toBe(200)
    })

    test('odd questions are refused in a sentence', async () => {
      const odd = [
        '/api/logbook?q=%00',
        '/api/logbook?game=%00',
        '/api/logbook?table=%00',
        '/api/logbook/weeks?q=a%00b',
        '/api/logbook/export?game=%00',
        '/api/house-rules?game=%00',
        '/api/day?from=0000-01-01T00:00:00Z&to=0000-01-02T00:00:00Z',
        '/api/day?from=0001-01-01T00:00:00%2B05:00&to=0001-01-02T00:00:00Z',
        '/api/day/export?from=2026-02-30T00:00:00Z&to=2026-03-01T00:00:00Z',
        `/api/matches?before=${encodeURIComponent('Jan 1 0000 00:00~x')}`,
        `/api/matches?before=${encodeURIComponent('+275760-09-12T00:00:00Z~x')}`,
        `/api/matches?before=${encodeURIComponent('2026-11-28 09:30:00+99~x')}`,
        `/api/logbook?before=${encodeURIComponent('2026-02-30 09:30:00+00~x')}`,
        `/api/logbook?who=${Array.from({ length: 9 }, (_, i) => `p${i}`).join(',')}`,
        `/api/people/shaky?who=${Array.from({ length: 65 }, (_, i) => `p${i}`).join(',')}`,
      ]
      for (const path of odd) {
        const answer = await ask('GET', path, { cookie: `nimble-tally=${referee}` })
        const told = (await answer.json()) as { code: string; says: string }
        expect([path, answer.status, typeof told.says]).toEqual([path, 422, 'string'])
      }
      // Nobody twice: the same eight however often.
      const eight = Array.from({ length: 40 }, (_, i) => `p${i % 8}`).join(',')
      expect((await ask('GET', `/api/logbook?who=${eight}`, { cookie: `nimble-tally=${referee}` })).status).toBe(200)
      // A page goes on where the one before ended, as the database wrote it.
      const { next } = (await (
        await ask('GET', '/api/matches?limit=1', { cookie: `nimble-tally=${referee}` })
      ).json()) as { next: string }
      expect(
        (await ask('GET', `/api/matches?before=${encodeURIComponent(next)}`, { cookie: `nimble-tally=${referee}` }))
          .status,
      ).toBe(200)
    })

    test('an entry as long as a book is refused before it is judged, and so is a file with one', async () => {
      const cookie = `nimble-tally=${referee}`
      const send = (entry: unknown) =>
        ask('POST', `/api/matches/${at.match}/entries`, {
          cookie,
          body: { id: `long-${crypto.randomUUID()}`, after: 0, entry },
        })
      const dice = (n: number) => ({ play: { do: 'roll', by: 1, dice: Array.from({ length: n }, () => 1) } })
      const codes = [
        dice(1_900_000),
        dice(20_000),
        dice(3000),
        Object.fromEntries(Array.from({ length: 300_000 }, (_, i) => [`k${i}`, 0])),
      ]
      for (const entry of codes) expect((await send(entry)).status).toBe(413)
      // Within its bound it is judged: no such list is a play.
      expect(((await (await send(dice(600))).json()) as { code: string }).code).toBe('malformed')
      const file = {
        format: 'nimble-tally/match',
        version: 1,
        game: 'brim',
        players: ['Ines'],
        entries: [dice(20_000)],
      }
      const brought = await ask('POST', '/api/matches/import', { cookie, body: file })
      expect([brought.status, ((await brought.json()) as { code: string }).code]).toEqual([422, 'entry-too-long'])
    })

    test('leaving ends the streams of that device, and strangers who leave leave nothing behind', async () => {
      const mine = cookieOf(await ask('POST', '/api/session', { body: { passcode: PASSCODE } }), 'nimble-tally')
      const stream = await ask('GET', '/api/live', { cookie: `nimble-tally=${mine}` })
      const others = await ask('GET', '/api/live', { cookie: `nimble-tally=${referee}` })
      const ended = stream.body!.pipeTo(new WritableStream())
      expect((await ask('DELETE', '/api/session', { cookie: `nimble-tally=${mine}` })).status).toBe(200)
      await ended
      expect((await ask('GET', '/api/matches', { cookie: `nimble-tally=${mine}` })).status).toBe(401)
      const reader = others.body!.getReader()
      expect((await reader.read()).done).toBe(false)
      await reader.cancel()
      // Left and in again, with the cookie that was left.
      const again = cookieOf(
        await ask('POST', '/api/session', { body: { passcode: PASSCODE }, cookie: `nimble-tally=${mine}` }),
        'nimble-tally',
      )
      expect((await ask('GET', '/api/matches', { cookie: `nimble-tally=${again}` })).status).toBe(200)
      const before = await endedSessions()
      for (let i = 0; i < 20; i++)
        for (const cookie of ['', `nimble-tally=x${i}`, `nimble-tally=${mine}`])
          await ask('DELETE', '/api/session', { cookie })
      expect(await endedSessions()).toEqual(before)
    })

    test('weeks go by the clocks of the room', async () => {
      const cookie = `nimble-tally=${referee}`
      // Sunday evening in Greenwich is Monday morning in Auckland.
      const sunday = new Date()
      sunday.setUTCDate(sunday.getUTCDate() - sunday.getUTCDay() - 7)
      sunday.setUTCHours(20, 30, 0, 0)
      const moment = sunday.toISOString()
      const match = {
        format: 'nimble-tally/match',
        version: 1,
        game: 'top-total',
        players: ['Ines', 'Bao'],
        entries: [],
      }
      const kept = {
        id: `zone-${database}`,
        createdAt: moment,
        updatedAt: moment,
        used: 0,
        seats: [1, 2].map((pennant) => ({ pennant, personId: null })),
        recorded: [],
        match,
      }
      const archive = { format: 'nimble-tally/archive', version: 1, madeAt: moment, people: [], matches: [kept] }
      expect((await ask('POST', '/api/archive', { cookie, body: archive })).status).toBe(200)
      const weeksIn = async (zone: string) => {
        expect((await ask('PUT', '/api/room/zone', { cookie, body: { zone } })).status).toBe(200)
        return (
          (await (await ask('GET', '/api/logbook/weeks?game=top-total', { cookie })).json()) as {
            weeks: { week: string }[]
          }
        ).weeks.map(({ week }) => week)
      }
      const monday = (days: number) =>
        new Date(Date.UTC(sunday.getUTCFullYear(), sunday.getUTCMonth(), sunday.getUTCDate() + days))
          .toISOString()
          .slice(0, 10)
      expect(await weeksIn('UTC')).toEqual([monday(-6)])
      expect(await weeksIn('Pacific/Auckland')).toEqual([monday(1)])
      expect((await ask('PUT', '/api/room/zone', { cookie, body: { zone: 'Saltmarsh/Ferry' } })).status).toBe(422)
      expect(await (await ask('GET', '/api/room/zone', { cookie })).json()).toEqual({
        zone: 'Pacific/Auckland',
        own: true,
      })
      // Given back to the server's own.
      expect(await (await ask('PUT', '/api/room/zone', { cookie, body: { zone: null } })).json()).toMatchObject({
        own: false,
      })
      expect((await ask('DELETE', `/api/matches/zone-${database}`, { cookie })).status).toBe(200)
    })

    test('every route answers the referee, and a helper what is theirs', async () => {
      for (const [route, asked] of Object.entries(ROUTES)) {
        if (asked.open?.includes('helper') && route.startsWith('GET'))
          expect([route, await status(route, asked, { cookie: cookies.helper() })]).toEqual([route, 200])
        expect([route, await status(route, asked, { cookie: `nimble-tally=${referee}` })]).toEqual([
          route,
          asked.status ?? 200,
        ])
      }
      expect(server.told()).not.toContain(' broke:')
    })
  })

/** The value that an answer gives a cookie. */
function cookieOf(answer: Response, name: string): string {
  const set = answer.headers.getSetCookie().find((each) => each.startsWith(`${name}=`))
  expect([answer.status, typeof set]).toEqual([answer.status, 'string'])
  return set!.slice(name.length + 1).split(';')[0]!
}
