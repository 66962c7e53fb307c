import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { expect, test } from '@playwright/test'
import postgres from 'postgres'
import { ownCluster } from './cluster'
import { KEEPERS, ROUTES, settle, type Settled } from './routes'
import { newFolder, ownServer } from './server'

/** A school: many rooms in one database, and none sees anything of another, by whatever route; on both databases. */
const KEEPER = 'harbour-keeper'
interface Room {
  readonly id: string
  readonly passcode: string
  /** What a referee's device, and a helper's, have as their cookie. */
  readonly referee: string
  readonly helper: string
  readonly at: Settled
}

/** A server with one room, or with a room of a school, on a PostgreSQL server of its own; what a referee's device has as its cookie there. */
async function onCluster(nth: number, school: boolean) {
  const cluster = await ownCluster()
  const server = ownServer(nth, school ? { host: '0.0.0.0' } : {})
  await server.start({
    DATABASE_URL: cluster.url,
    ...(school && { NIMBLE_SCHOOL: '1', NIMBLE_KEEPER: KEEPER }),
  })
  if (!school) return { cluster, server, cookie: '' }
  const cookieOf = (answer: Response) => answer.headers.getSetCookie()[0]!.split(';')[0]!
  const keeper = cookieOf(await server.post('/api/keeper/session', { passcode: KEEPER }))
  const made = await fetch(`${server.address}/api/keeper/rooms`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie: keeper },
    body: JSON.stringify({ name: 'Gulls' }),
  })
  const { room, passcode } = (await made.json()) as { room: { id: string }; passcode: string }
  return { cluster, server, cookie: cookieOf(await server.post('/api/session', { room: room.id, passcode })) }
}

for (const [rooms, nth, school] of [
  ['one room', 129, false],
  ['a school', 128, true],
] as const)
  test(`the database started anew under load leaves no question without an answer: ${rooms}`, async () => {
    const { cluster, server, cookie } = await onCluster(nth, school)
    const statuses = new Set<number>()
    let going = true
    // More at once than there are connections, of several kinds: some wait for one, some are under way when it breaks.
    const PATHS = ['/api/people', '/api/matches?which=all', '/api/room/session', '/api/house-rules', '/api/undo']
    const asking = Array.from({ length: 40 }, async (_, n) => {
      while (going) {
        const answer = await fetch(server.address + PATHS[n % PATHS.length]!, {
          headers: { cookie },
          signal: AbortSignal.timeout(60_000),
        })
        await answer.text()
        statuses.add(answer.status)
        if (!answer.ok) await new Promise((resolve) => setTimeout(resolve, 50))
      }
    })
    for (let n = 0; n < 3; n++) {
      await new Promise((resolve) => setTimeout(resolve, 700))
      await cluster.restart()
    }
    await expect
      .poll(async () => (await fetch(`${server.address}/api/people`, { headers: { cookie } })).status)
      .toBe(200)
    going = false
    await Promise.all(asking)
    expect([...statuses].filter((status) => status !== 200 && status !== 503)).toEqual([])
    expect(statuses).toContain(200)
    // Every connection is good again, and none is lost to a question that was never answered.
    const all = await Promise.all(
      PATHS.flatMap((path) => Array.from({ length: 20 }, () => fetch(server.address + path, { headers: { cookie } }))),
    )
    expect(all.filter(({ status }) => status !== 200)).toEqual([])
    expect(server.told()).not.toMatch(/uncaught|unhandled|TypeError/i)
    await server.stop()
    await cluster.stop()
  })

for (const [database, nth] of [
  ['PGlite', 116],
  ['PostgreSQL', 118],
] as const)
  test.describe(`a school on ${database}`, () => {
    test.describe.configure({ mode: 'serial' })
    const server = ownServer(nth, { host: '0.0.0.0' })
    let stop = async () => {}
    let env: Readonly<Record<string, string>> = { NIMBLE_SCHOOL: '1', NIMBLE_KEEPER: KEEPER }
    let keeper = ''
    /** Where backups lie: beside the data, or where that is said. */
    let backups = join(server.folder, 'backups')
    let gulls: Room
    let herons: Room

    interface How {
      readonly body?: unknown
      readonly cookie?: string
    }
    function ask(method: string, path: string, { body, cookie = '' }: How = {}) {
      return fetch(server.address + path, {
        method,
        headers: { cookie, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
        body: body === undefined ? undefined : JSON.stringify(body),
      })
    }
    /** Asks, and wants it done. */
    async function call<T>(method: string, path: string, how: How): Promise<T> {
      const answer = await ask(method, path, how)
      const text = await answer.text()
      expect([method, path, answer.status < 300 || text]).toEqual([method, path, true])
      return JSON.parse(text) as T
    }
    async function letIn(path: string, body: unknown): Promise<string> {
      const answer = await ask('POST', path, { body })
      expect([path, answer.status]).toEqual([path, 200])
      return answer.headers.getSetCookie()[0]!.split(';')[0]!
    }
    /** The answer's text, of a stream its first piece, which holds everything that it begins with. */
    async function textOf(answer: Response): Promise<string> {
      if (!answer.headers.get('content-type')?.includes('event-stream')) return answer.text()
      const reader = answer.body!.getReader()
      const { value } = await reader.read()
      await reader.cancel()
      return new TextDecoder().decode(value)
    }
    async function furnished(name: string): Promise<Room> {
      const { room, passcode } = await call<{ room: { id: string }; passcode: string }>('POST', '/api/keeper/rooms', {
        ...{ body: { name }, cookie: keeper },
      })
      const referee = await letIn('/api/session', { room: room.id, passcode })
      const at = await settle((method, path, body) => call(method, path, { body, cookie: referee }))
      return { id: room.id, passcode, referee, at, helper: await letIn('/api/helper', { code: at.code }) }
    }
    /** Everything of a room that can be known again elsewhere. */
    const marksOf = ({ match, other, person, second, session, rules, helper, undo }: Settled) =>
      Object.values({ match, other, person, second, session, rules, helper, undo })
    const archiveOf = async ({ referee }: Room) =>
      (await (await ask('GET', '/api/archive', { cookie: referee })).text()).replace(/"madeAt":"[^"]*"/, '')

    test.beforeAll(async () => {
      if (database === 'PostgreSQL') {
        const cluster = await ownCluster()
        stop = cluster.stop
        backups = newFolder()
        env = { ...env, DATABASE_URL: cluster.url, NIMBLE_BACKUPS: backups }
      }
      await server.start(env)
      keeper = await letIn('/api/keeper/session', { passcode: KEEPER })
      gulls = await furnished('Gulls')
      herons = await furnished('Herons')
    })
    test.afterAll(async () => {
      await server.stop()
      await stop()
    })

    test('each room begins empty, and knows its name', async () => {
      const { rooms } = await call<{ rooms: { name: string; holds: { people: number } }[] }>(
        'GET',
        '/api/keeper/rooms',
        { cookie: keeper },
      )
      expect(rooms.map(({ name, holds }) => [name, holds.people])).toEqual([
        ['Gulls', 2],
        ['Herons', 2],
      ])
      for (const [room, name] of [
        [gulls, 'Gulls'],
        [herons, 'Herons'],
      ] as const)
        expect(await call('GET', '/api/session', { cookie: room.referee })).toMatchObject({
          ...{ mayRecord: true, school: true, room: { id: room.id, name } },
        })
      expect(await call('GET', '/api/session', {})).toMatchObject({ mayRecord: false, school: true, room: null })
    })

    test('every route asked from another room, with everything that is in this one, tells and changes nothing', async () => {
      const before = await archiveOf(gulls)
      /** Routes that name something of the other room, and don't say that there is no such thing. */
      const answered = new Set<string>()
      for (const cookie of [herons.referee, herons.helper])
        for (const [route, asked] of Object.entries(ROUTES)) {
          if (asked.open?.includes('stranger')) continue
          const [method] = route.split(' ') as [string]
          const path = asked.path(gulls.at)
          // What is brought in by a file is one's own from then on.
          const body = route === 'POST /api/archive' ? undefined : asked.body?.(gulls.at)
          const answer = await ask(method, path, { body, cookie })
          const text = await textOf(answer)
          expect([route, answer.status === 500]).toEqual([route, false])
          for (const mark of marksOf(gulls.at))
            // What was asked for may be named again; nothing else may.
            if (!path.includes(mark) && !JSON.stringify(body ?? '').includes(mark))
              expect([route, text.includes(mark)]).toEqual([route, false])
          if (/\[(id|helper)\]/.test(route) && answer.ok) answered.add(route)
        }
      // Of somebody who is not there, or was forgotten, nothing was practised: that is no refusal.
      expect([...answered]).toEqual(['GET /api/people/[id]/facts'])
      expect(await archiveOf(gulls)).toBe(before)
    })

    test('each room has backups of its own, from before something is deleted too; the keeper brings one back', async () => {
      const lying = (room: Room) =>
        readdirSync(join(backups, 'rooms', room.id)).filter((name) => name.includes('-before-deleting'))
      const told = async (room: Room) =>
        (await call<{ backups: { name: string }[] }>('GET', '/api/backups', { cookie: room.referee })).backups.map(
          ({ name }) => name,
        )
      const before = await told(herons)
      expect(await call('GET', '/api/backups', { cookie: herons.referee })).toMatchObject({ beforeChanges: false })
      const terns = await furnished('Terns')
      await call('DELETE', `/api/matches/${terns.at.match}`, { cookie: terns.referee })
      expect(lying(terns)).toHaveLength(1)
      expect(await told(terns)).toEqual(expect.arrayContaining(lying(terns)))
      expect(await told(herons)).toEqual(before)
      const text = readFileSync(join(backups, 'rooms', terns.id, lying(terns)[0]!), 'utf8')
      expect(text).toContain(terns.at.match)
      for (const mark of marksOf(gulls.at)) expect(text).not.toContain(mark)
      const again = await call<{ room: { id: string }; passcode: string }>('POST', '/api/keeper/rooms', {
        ...{ body: { name: 'Terns again' }, cookie: keeper },
      })
      const brought = await ask('POST', `/api/keeper/rooms/${again.room.id}/archive`, {
        body: JSON.parse(text),
        cookie: keeper,
      })
      expect([brought.status, await brought.json()]).toMatchObject([200, { already: 0 }])
      const referee = await letIn('/api/session', { room: again.room.id, passcode: again.passcode })
      expect((await ask('GET', `/api/matches/${terns.at.match}`, { cookie: referee })).status).toBe(200)
      for (const { id } of [terns, again.room])
        await call('PATCH', `/api/keeper/rooms/${id}`, { body: { closed: true }, cookie: keeper })
    })

    test('a stranger and the keeper get nothing of a room; a board’s link opens its own alone', async () => {
      for (const cookie of ['', keeper])
        for (const [route, asked] of Object.entries(ROUTES)) {
          if (asked.open?.includes('stranger')) continue
          const [method] = route.split(' ') as [string]
          const answer = await ask(method, asked.path(gulls.at), { body: asked.body?.(gulls.at), cookie })
          expect([route, answer.status]).toEqual([route, cookie === keeper && asked.keepers ? 200 : 401])
        }
      for (const path of [`/api/boards/${gulls.at.board}`, `/api/room/boards/${gulls.at.roomBoard}`]) {
        expect([path, (await ask('GET', path)).status]).toEqual([path, 200])
        expect([path, (await ask('GET', path, { cookie: herons.referee })).status]).toEqual([path, 200])
        for (const other of [path.replace(gulls.id, herons.id), path.replace(`${gulls.id}-`, '')])
          expect([other, (await ask('GET', other, { cookie: gulls.referee })).status]).toEqual([other, 404])
      }
    })

    test('the keeper’s routes are the keeper’s alone, and tell no child’s name', async () => {
      for (const [route, { path, body, open }] of Object.entries(KEEPERS)) {
        const [method] = route.split(' ') as [string]
        if (open) continue
        for (const cookie of ['', gulls.referee, gulls.helper, `nimble-tally-keeper=${gulls.referee.split('=')[1]}`])
          expect([route, (await ask(method, path(gulls.id), { body: body?.('x'), cookie })).status]).toEqual([
            route,
            401,
          ])
        if (route.endsWith('/archive') || route.endsWith('/passcode')) continue
        const text = await (await ask(method, path(gulls.id), { body: body?.('Gulls'), cookie: keeper })).text()
        for (const name of ['Ines', 'Tomasz', 'Lantern']) expect([route, text.includes(name)]).toEqual([route, false])
      }
    })

    test('what happens in one room is told there alone', async () => {
      const follow = async (cookie: string) => {
        const leave = new AbortController()
        const answer = await fetch(`${server.address}/api/live`, { headers: { cookie }, signal: leave.signal })
        const told = { text: '', leave: () => leave.abort() }
        void (async () => {
          for await (const piece of answer.body!.pipeThrough(new TextDecoderStream())) told.text += piece
        })().catch(() => undefined)
        await expect.poll(() => told.text).not.toBe('')
        return told
      }
      const [mine, theirs] = [await follow(gulls.referee), await follow(herons.referee)]
      const entry = { id: 'school-1', after: 0, entry: { call: 'note', why: 'The bell rang.' } }
      await call('POST', `/api/matches/${gulls.at.match}/entries`, { body: entry, cookie: gulls.referee })
      const clock = { body: { do: 'set', minutes: 12 }, cookie: gulls.referee }
      await call('POST', `/api/room/session/${gulls.at.session}/clock`, clock)
      await expect.poll(() => mine.text).toContain('recorded')
      await expect.poll(() => mine.text).toContain(gulls.at.session)
      // Whatever comes next comes after all that went before.
      await call('POST', `/api/matches/${herons.at.match}/entries`, { body: entry, cookie: herons.referee })
      await expect.poll(() => theirs.text).toContain(herons.at.match)
      expect(theirs.text).not.toContain(gulls.at.match)
      expect(theirs.text).not.toContain(gulls.at.session)
      for (const { leave } of [mine, theirs]) leave()
    })

    test('an archive of a room is read into another one, with the same ids, and both go on', async () => {
      const archive = await call<{ matches: { id: string }[] }>('GET', `/api/keeper/rooms/${gulls.id}/archive`, {
        cookie: keeper,
      })
      const { room, passcode } = await call<{ room: { id: string }; passcode: string }>('POST', '/api/keeper/rooms', {
        ...{ body: { name: 'Terns' }, cookie: keeper },
      })
      const read = await call<{ matches: number }>('POST', `/api/keeper/rooms/${room.id}/archive`, {
        ...{ body: archive, cookie: keeper },
      })
      expect(read.matches).toBe(archive.matches.length)
      const terns = await letIn('/api/session', { room: room.id, passcode })
      const sizes = async () =>
        Promise.all(
          [terns, gulls.referee].map(
            async (cookie) =>
              (await call<{ entries: unknown[] }>('GET', `/api/matches/${gulls.at.match}`, { cookie })).entries.length,
          ),
        )
      expect(await sizes()).toEqual([1, 1])
      const entry = { id: 'school-2', after: 1, entry: { call: 'note', why: 'Only here.' } }
      await call('POST', `/api/matches/${gulls.at.match}/entries`, { body: entry, cookie: terns })
      expect(await sizes()).toEqual([2, 1])
    })

    test('a closed room lets nobody in, and nothing of it is lost; a new passcode has to be given', async () => {
      const live = await ask('GET', '/api/live', { cookie: herons.referee })
      const ended = live.body!.pipeTo(new WritableStream())
      // At another server of the same database too.
      const beside = ownServer(nth + 1, { host: '0.0.0.0' })
      if (database === 'PostgreSQL') await beside.start(env)
      const there =
        database === 'PostgreSQL'
          ? await fetch(`${beside.address}/api/live`, { headers: { cookie: herons.referee } })
          : null
      const endedThere = there?.body!.pipeTo(new WritableStream())
      await call('PATCH', `/api/keeper/rooms/${herons.id}`, { body: { closed: true }, cookie: keeper })
      await ended
      await endedThere
      await beside.stop()
      for (const [path, cookie] of [
        ['/api/matches', herons.referee],
        [`/api/matches/${herons.at.match}`, herons.helper],
      ] as const)
        expect([path, (await ask('GET', path, { cookie })).status]).toEqual([path, 401])
      expect((await ask('GET', `/api/boards/${herons.at.board}`)).status).toBe(404)
      const enter = (passcode: string) =>
        ask('POST', '/api/session', { body: { room: herons.id, passcode } }).then(({ status }) => status)
      expect(await enter(herons.passcode)).toBe(403)
      await call('PATCH', `/api/keeper/rooms/${herons.id}`, { body: { closed: false }, cookie: keeper })
      expect((await ask('GET', '/api/matches', { cookie: herons.referee })).status).toBe(200)
      const { passcode } = await call<{ passcode: string }>('POST', `/api/keeper/rooms/${herons.id}/passcode`, {
        cookie: keeper,
      })
      expect((await ask('GET', '/api/matches', { cookie: herons.referee })).status).toBe(401)
      expect([await enter(herons.passcode), await enter(passcode)]).toEqual([403, 200])
    })

    test('a query that forgets its room shows the room’s own rows alone, and no row points into another room', async () => {
      if (database === 'PGlite') await server.stop()
      const ask = await asServer()
      const inRoom = (room: string) => ask.query("select set_config('nimble.room', $1, false)", [room])
      for (const [room, others] of [
        [gulls, herons],
        [herons, gulls],
      ] as const) {
        await inRoom(room.id)
        const rows = await ask.query('select id from matches', [])
        const ids = rows.map(({ id }) => id)
        expect(ids).toContain(room.at.match)
        expect(ids).not.toContain(others.at.match)
        expect(await ask.query('select distinct room from who_sat join seats using (match_id, seat)', [])).toEqual([
          { room: room.id },
        ])
        // Nothing can be put into another room, or point there.
        const insert = "insert into entries (room, match_id, number, client_id, entry) values ($1, $2, 900, 'x', '{}')"
        await expect(ask.query(insert, [others.id, others.at.match])).rejects.toThrow(/row-level security/)
        await expect(ask.query(insert, [room.id, others.at.match])).rejects.toThrow(/foreign key/)
        for (const table of ['matches', 'people', 'entries', 'facts', 'seats', 'settings', 'undoables', 'helpers'])
          expect(await ask.query(`select room from ${table} where room <> $1`, [room.id])).toEqual([])
      }
      await inRoom('')
      expect(await ask.query('select id from matches', [])).toEqual([])
      await ask.close()
    })

    /** The database as the server's own queries see it. */
    async function asServer() {
      if (database === 'PGlite') {
        const client = await PGlite.create(`${server.folder}/pgdata`)
        await client.exec('set role nimble_tally')
        return {
          query: async (text: string, values: string[]) =>
            (await client.query<Record<string, unknown>>(text, values)).rows,
          close: () => client.close(),
        }
      }
      const client = postgres(env.DATABASE_URL!, { max: 1, connection: { role: 'nimble_tally' } as never })
      return {
        query: async (text: string, values: string[]) => [...(await client.unsafe(text, values))],
        close: () => client.end(),
      }
    }

    test('what is measured is the keeper’s to see, and names nobody', async () => {
      if (database === 'PGlite') await server.start(env)
      const metrics = (headers: Record<string, string>) => fetch(`${server.address}/api/metrics`, { headers })
      const refused: Record<string, string>[] = [{}, { authorization: 'Bearer wrong-one' }, { cookie: gulls.referee }]
      for (const headers of refused) expect((await metrics(headers)).status).toBe(401)
      await (await ask('GET', `/api/matches/${gulls.at.match}`, { cookie: gulls.referee })).text()
      const entry = { id: 'school-3', after: 1, entry: { call: 'note', why: 'Measured.' } }
      await call('POST', `/api/matches/${gulls.at.match}/entries`, { body: entry, cookie: gulls.referee })
      const keepers: Record<string, string>[] = [{ cookie: keeper }, { authorization: `Bearer ${KEEPER}` }]
      for (const headers of keepers) {
        const answer = await metrics(headers)
        const text = await answer.text()
        expect(answer.headers.get('content-type')).toContain('text/plain')
        expect(text).toMatch(/nimble_append_seconds_count\{outcome="stands"\} [1-9]/)
        expect(text).toMatch(
          /nimble_request_seconds_count\{method="GET",route="\/api\/matches\/:id",status="2xx"\} [1-9]/,
        )
        for (const name of [
          'streams',
          'writes',
          'write_wait_seconds',
          ...['most', 'taken', 'waiting'].map((of) => `connections_${of}`),
        ])
          expect(text).toContain(`nimble_${name}`)
        for (const mark of [...marksOf(gulls.at), 'Ines', 'Gulls']) expect(text).not.toContain(mark)
      }
    })

    test('logs are lines of JSON that name nobody, each request by its id', async () => {
      await server.stop()
      const before = server.told().length
      await server.start({ ...env, NIMBLE_LOGS: 'json' })
      const id = 'harbour-request-1'
      const answer = await fetch(`${server.address}/api/logbook?q=Ines`, {
        headers: { cookie: gulls.referee, 'x-request-id': id },
      })
      expect([answer.status, answer.headers.get('x-request-id')]).toEqual([200, id])
      await answer.text()
      const lines = () =>
        server
          .told()
          .slice(before)
          .split('\n')
          .filter(Boolean)
          .map((line) => JSON.parse(line) as Record<string, unknown>)
      await expect
        .poll(() => lines().find((line) => line.id === id))
        .toMatchObject({
          ...{ method: 'GET', route: '/api/logbook', status: 200, room: gulls.id },
        })
      expect(server.told().slice(before)).not.toContain('Ines')
    })

    test('what serves one room beside a school’s has one, and the school finds its rooms again', async () => {
      await server.stop()
      await server.start({ ...env, NIMBLE_SCHOOL: '0', NIMBLE_PASSCODE: 'lantern-eight' })
      const cookie = await letIn('/api/session', { passcode: 'lantern-eight' })
      expect(await call('GET', '/api/people', { cookie })).toEqual({ people: [] })
      await call('POST', '/api/people', { body: { name: 'Wren' }, cookie })
      // What a backup is made before is told as it is: the database of a folder alone is kept before it is changed.
      const kept = { folder: true, beforeChanges: database === 'PGlite' }
      expect(await call('GET', '/api/backups', { cookie })).toMatchObject(kept)
      await server.stop()
      await server.start(env)
      const { rooms } = await call<{ rooms: { id: string; holds: { people: number } }[] }>('GET', '/api/keeper/rooms', {
        cookie: keeper,
      })
      // Played in and never gone into by its code is used all the same.
      const held = rooms.find(({ id }) => id === gulls.id) as unknown as { holds: { playedAt: string | null } }
      expect(Date.now() - Date.parse(held.holds.playedAt!)).toBeLessThan(3_600_000)
      // Something is kept in it now: it stays.
      expect(rooms.find(({ id }) => id === 'one')).toMatchObject({ holds: { people: 1 } })
      expect((await ask('GET', `/api/matches/${gulls.at.match}`, { cookie: gulls.referee })).status).toBe(200)
    })

    test('nothing broke', () => expect(server.told()).not.toContain(' broke:'))
  })
