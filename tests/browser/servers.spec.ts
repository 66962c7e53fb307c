import { expect, test } from '@playwright/test'
import postgres from 'postgres'
import { ownCluster } from './cluster'
import { ownServer } from './server'

/** Several servers on one database: what one records the viewers of the others see, and nothing is called or made twice. */

interface Told {
  readonly event: string
  readonly data: Record<string, unknown>
}

/** Follows a stream of a server as a page does: what it told so far, and whether it has ended. */
async function followed(address: string) {
  const leave = new AbortController()
  const answer = await fetch(address, { signal: leave.signal })
  expect(answer.headers.get('content-type')).toContain('text/event-stream')
  const told: Told[] = []
  const state = { told, ended: false, leave: () => leave.abort() }
  void (async () => {
    let text = ''
    for await (const piece of answer.body!.pipeThrough(new TextDecoderStream())) {
      const messages = (text + piece).split('\n\n')
      text = messages.pop()!
      for (const message of messages) {
        const part = (name: string) => message.match(new RegExp(`^${name}: (.*)$`, 'm'))?.[1]
        told.push({ event: part('event') ?? 'message', data: JSON.parse(part('data') ?? '{}') as Told['data'] })
      }
    }
  })()
    .catch(() => undefined)
    .finally(() => (state.ended = true))
  await expect.poll(() => told.length).toBeGreaterThan(0)
  return state
}

test.describe('two servers on one database', () => {
  test.describe.configure({ mode: 'serial' })
  const [a, b] = [ownServer(80), ownServer(83)]
  let cluster: Awaited<ReturnType<typeof ownCluster>>

  test.beforeAll(async () => {
    cluster = await ownCluster()
    // Both at once: the database is new, and only one of them may set it up.
    await Promise.all([a, b].map((server) => server.start({ DATABASE_URL: cluster.url })))
  })
  test.afterAll(async () => {
    await Promise.all([a.stop(), b.stop()])
    await cluster.stop()
  })

  async function ask<T>(server: typeof a, method: string, path: string, body?: unknown): Promise<T> {
    const answer = await fetch(server.address + path, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
    expect([method, path, answer.ok || (await answer.clone().text())]).toEqual([method, path, true])
    return (await answer.json().catch(() => null)) as T
  }
  async function match(server: typeof a, houseRules = {}) {
    const seats = ['Ines', 'Tomasz'].map((name, i) => ({ name, pennant: i + 1 }))
    return (
      await ask<{ id: string }>(server, 'POST', '/api/matches', { game: 'exact-landing', houseRules, seats, first: 1 })
    ).id
  }
  let sent = 0
  const record = (server: typeof a, id: string, after: number, entry: unknown) =>
    ask<{ number: number; stands: boolean }>(server, 'POST', `/api/matches/${id}/entries`, {
      ...{ id: `servers-${++sent}`, after, entry },
    })
  const entriesAt = async (server: typeof a, id: string) =>
    (await ask<{ entries: { entry: Record<string, unknown> }[] }>(server, 'GET', `/api/matches/${id}`)).entries
  const note = (why: string) => ({ call: 'note', why })

  test('what is recorded at one comes to the viewers of the other: the desk, the list and the board', async () => {
    const id = await match(a)
    const { board: token } = await ask<{ board: string }>(b, 'GET', `/api/matches/${id}`)
    const desk = await followed(`${b.address}/api/matches/${id}/live?after=0`)
    const list = await followed(`${b.address}/api/live`)
    const board = await followed(`${b.address}/api/boards/${token}/live`)
    const drawn = board.told.length
    // One after another at both in turn, as fast as they come: each viewer gets all of them, in their order.
    const MANY = 30
    for (let n = 0; n < MANY; n++) await record(n % 2 ? b : a, id, n, note(`the ferry is in, ${n}`))
    const numbers = () => desk.told.filter(({ event }) => event === 'recorded').map(({ data }) => data.number)
    await expect.poll(numbers).toEqual(Array.from({ length: MANY }, (_, n) => n + 1))
    const listed = () =>
      list.told.flatMap(({ event, data }) => (event === 'recorded' && data.match === id ? [Number(data.last)] : []))
    await expect.poll(() => new Set(listed()).size).toBe(MANY)
    expect(board.told.length).toBeGreaterThan(drawn)
    for (const { leave } of [desk, list, board]) leave()
  })

  test('a name put right at one stays right at the other, and is told there', async () => {
    const id = await match(b)
    await record(b, id, 0, note('before'))
    const desk = await followed(`${b.address}/api/matches/${id}/live?after=0`)
    await ask(a, 'PATCH', `/api/matches/${id}`, { seats: [{ seat: 1, name: 'Odalys' }] })
    await expect.poll(() => desk.told.filter(({ event }) => event === 'renamed').length).toBeGreaterThan(0)
    await record(b, id, 1, note('after'))
    const { matches } = await ask<{ matches: { id: string; seats: { name: string }[]; summary: unknown }[] }>(
      a,
      'GET',
      '/api/matches?which=all',
    )
    const listed = matches.find((each) => each.id === id)!
    expect(listed.seats.map(({ name }) => name)).toEqual(['Odalys', 'Tomasz'])
    expect(JSON.stringify(listed.summary)).not.toContain('Ines')
    desk.leave()
  })

  test('wrong codes are counted by all servers together', async () => {
    const tries = []
    for (let n = 0; n < 6; n++) {
      const answer = await fetch(`${(n % 2 ? b : a).address}/api/helper`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ code: 'buoy-buoy-11' }),
      })
      tries.push(answer.status)
    }
    expect(tries).toEqual([403, 403, 403, 403, 403, 429])
  })

  test('two who begin a session at once, at different servers, begin the same', async () => {
    const seats = ['Bao', 'Wren'].map((name, i) => ({ name, pennant: i + 1 }))
    const tables = [{ game: 'brim', seats, first: 1 }]
    await Promise.all([a, b].map((server) => ask(server, 'POST', '/api/room/tables', { tables })))
    const sessions = await Promise.all(
      [a, b].map((server) => ask<{ session: { id: string } }>(server, 'GET', '/api/room/session')),
    )
    expect(sessions[0]!.session.id).toBe(sessions[1]!.session.id)
    const room = await followed(`${b.address}/api/live`)
    await ask(a, 'POST', `/api/room/session/${sessions[0]!.session.id}/clock`, { do: 'set', minutes: 10 })
    await expect
      .poll(() => room.told.findLast(({ event }) => event === 'room')?.data.clock)
      .toMatchObject({ minutes: 10 })
    // Two give more time in the same moment, at different servers: the room has both.
    const more = (server: typeof a) =>
      ask(server, 'POST', `/api/room/session/${sessions[0]!.session.id}/clock`, { do: 'more', minutes: 2 })
    await Promise.all([a, b, a, b, a, b].map(more))
    const { session } = await ask<{ session: { clock: { minutes: number } } }>(b, 'GET', '/api/room/session')
    expect(session.clock.minutes).toBe(22)
    room.leave()
  })

  /** The clock of a match has a second left, whoever it was that said so. */
  async function nearlyOut(id: string) {
    const client = postgres(cluster.url)
    await client`update matches set clock = ${client.json({ used: 59_000, since: Date.now() })} where id = ${id}`
    await client.end()
  }
  const calls = async (server: typeof a, id: string) =>
    (await entriesAt(server, id)).filter(({ entry }) => entry.call === 'time').length

  test('a clock that both watch is called once', async () => {
    const id = await match(a, { minutes: 1 })
    await nearlyOut(id)
    await expect.poll(() => calls(b, id), { timeout: 30_000 }).toBe(1)
    // The other one had its moment too, once the clock stands.
    const since = async () =>
      (await ask<{ clock: { since: number | null } }>(a, 'GET', `/api/matches/${id}`)).clock.since
    await expect.poll(since).toBeNull()
    expect(await calls(a, id)).toBe(1)
  })

  test('after a time in which a server could not listen its viewers come back to what they missed', async () => {
    const id = await match(a)
    const desk = await followed(`${b.address}/api/matches/${id}/live?after=0`)
    const client = postgres(cluster.url)
    const listening = () => client`select pid from pg_stat_activity where query = 'listen nimble_changes'`
    expect(await listening()).toHaveLength(2)
    await client`select pg_terminate_backend(pid) from pg_stat_activity where query = 'listen nimble_changes'`
    await record(a, id, 0, note('while nobody listened'))
    await expect.poll(() => desk.ended).toBe(true)
    await expect.poll(listening).toHaveLength(2)
    await client.end()
    const again = await followed(`${b.address}/api/matches/${id}/live?after=0`)
    await record(a, id, 1, note('heard again'))
    await expect
      .poll(() => again.told.filter(({ event }) => event === 'recorded').map(({ data }) => data.number))
      .toEqual([1, 2])
    again.leave()
  })

  test('a server dies: its clock is called by the other, and nothing acknowledged is lost', async () => {
    const id = await match(a, { minutes: 1 })
    await record(a, id, 0, note('acknowledged'))
    await nearlyOut(id)
    await a.stop('SIGKILL')
    await expect.poll(() => calls(b, id), { timeout: 30_000 }).toBe(1)
    expect((await entriesAt(b, id)).map(({ entry }) => entry.call)).toEqual(['note', 'time'])
  })

  test('without its database a server is alive, not ready, and says so', async () => {
    await cluster.stop()
    const health = await fetch(`${b.address}/api/health`)
    expect([health.status, (await health.json()) as unknown]).toEqual([
      503,
      expect.objectContaining({ code: 'database-away' }),
    ])
    expect((await fetch(`${b.address}/api/alive`)).ok).toBe(true)
    // What a page sends now waits there, as it does without a server.
    const sent = await fetch(`${b.address}/api/matches`)
    expect([sent.status, (await sent.json()) as unknown]).toEqual([
      503,
      expect.objectContaining({ code: 'database-away' }),
    ])
  })
})
