import { existsSync, mkdirSync, rmdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import postgres from 'postgres'
import { ownCluster } from '../../tests/browser/cluster.ts'
import { roundRobin } from './proxy.mjs'
import { pause, server } from './server.mjs'

/**
 * A school on this machine: PostgreSQL, several servers, a proxy, many rooms that play at once while servers are killed and the
 * database is started anew; then what servers carry, and what it costs as rooms and matches grow. Server, database, proxy and
 * load share its cores.
 */
const KEEPER = 'harbour-keeper'
const ROOMS = Number(process.env.ROOMS ?? 100)
const [TABLES_EACH, VIEWERS_EACH] = [2, 2]
const PLAY_MS = Number(process.env.PLAY_MS ?? 120_000)
const BETWEEN_MS = 4000
/** After which share of the time a server is killed first. */
const FIRST_STRIKE = 0.3
const STORED = Number(process.env.STORED ?? 100_000)

const part = (list, share) =>
  list.toSorted((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))] ?? NaN
const ms = (list) => [0.5, 0.95, 0.99].map((share) => part(list, share).toFixed(0)).join(' / ')

export const school = (tell) => ({
  async school() {
    const cluster = await ownCluster({ flushed: true })
    const env = { DATABASE_URL: cluster.url, NIMBLE_SCHOOL: '1', NIMBLE_KEEPER: KEEPER, NIMBLE_CONNECTIONS: '10' }
    const servers = [server(), server(), server()]
    for (const each of servers) await each.start(env)
    const proxy = await roundRobin(servers.map(({ address }) => address))
    const ask = asking(proxy.address)
    const keeper = await ask.letIn('/api/keeper/session', { passcode: KEEPER })
    const rooms = await furnish(ask, keeper, ROOMS)
    const tables = rooms.flatMap(({ cookie, matches }) => matches.map((match) => ({ cookie, match })))
    await outlast(tell, { proxy, ask, tables, servers, env, cluster })
    for (const each of servers) await each.stop()
    proxy.close()
    await carry(tell, { tables, env, servers })
    await grow(tell, { env, cluster, keeper, server: servers[0] })
    for (const each of servers) await each.stop()
    await cluster.stop()
  },
})

function asking(base) {
  async function ask(method, path, { body, cookie = '' } = {}) {
    return fetch(base + path, {
      method,
      headers: { cookie, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
  }
  async function json(method, path, how) {
    const answer = await ask(method, path, how)
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`)
    return answer.json()
  }
  async function letIn(path, body) {
    const answer = await ask('POST', path, { body })
    if (!answer.ok) throw new Error(`${path}: ${answer.status}`)
    return answer.headers.getSetCookie()[0].split(';')[0]
  }
  return { base, ask, json, letIn }
}

async function furnish(ask, keeper, count) {
  const rooms = []
  for (let n = 0; n < count; n++) {
    const made = await ask.json('POST', '/api/keeper/rooms', { body: { name: `Room ${n}` }, cookie: keeper })
    const cookie = await ask.letIn('/api/session', { room: made.room.id, passcode: made.passcode })
    const matches = []
    for (let t = 0; t < TABLES_EACH; t++) matches.push(await table(ask, cookie))
    rooms.push({ id: made.room.id, cookie, matches })
  }
  return rooms
}

const table = async (ask, cookie) =>
  (
    await ask.json('POST', '/api/matches', {
      cookie,
      body: { game: 'brim', first: 1, houseRules: { rounds: 50 }, seats: seats() },
    })
  ).id
const seats = () => ['Ines', 'Tomasz'].map((name, i) => ({ name, pennant: i + 1 }))
const entryOf = (i) => {
  const by = 1 + (Math.floor(i / 2) % 2)
  return { play: i % 2 === 0 ? { do: 'roll', by, dice: [6, 5, 4, 3, 1] } : { do: 'stop', by, said: 19 } }
}

/** Plays everywhere while servers die, and tells whether everything acknowledged is there, once, at its own table. */
async function outlast(tell, { proxy, ask, tables, servers, env, cluster }) {
  const stop = new AbortController()
  const [sentAt, appended, seen] = [new Map(), [], []]
  /** The same before anything is killed. */
  const calm = { appended: [], seen: [], until: Infinity }
  const following = tables.flatMap(({ cookie, match }) =>
    Array.from({ length: VIEWERS_EACH }, () =>
      follow({ base: proxy.address, cookie, match, sentAt, seen, calm, signal: stop.signal }),
    ),
  )
  await pause(3000)
  const end = Date.now() + PLAY_MS
  calm.until = performance.now() + PLAY_MS * FIRST_STRIKE
  async function play({ cookie, match }) {
    const acknowledged = []
    await pause(Math.random() * BETWEEN_MS)
    while (Date.now() < end) {
      const n = acknowledged.length
      const id = `school-${match}-${n}`
      const began = performance.now()
      sentAt.set(id, began)
      // As a desk does: the same entry again until it is answered.
      for (;;) {
        const answer = await ask
          .ask('POST', `/api/matches/${match}/entries`, { cookie, body: { id, after: n, entry: entryOf(n) } })
          .catch(() => null)
        if (answer?.ok) break
        await answer?.text()
        await pause(100)
      }
      const took = performance.now() - began
      appended.push(took)
      if (began + took < calm.until) calm.appended.push(took)
      acknowledged.push(id)
      await pause(Math.max(0, BETWEEN_MS * (0.5 + Math.random()) - took))
    }
    return acknowledged
  }
  const strikes = (async () => {
    for (const [i, share] of [FIRST_STRIKE, 0.5, 0.8].entries()) {
      await pause(Math.max(0, end - PLAY_MS * (1 - share) - Date.now()))
      await servers[i].stop('SIGKILL')
      await pause(3000)
      await servers[i].start(env)
      if (i === 1) await cluster.restart()
    }
  })()
  const acknowledged = await Promise.all(tables.map(play))
  await strikes
  await pause(1500)
  let [lost, doubled, moved] = [0, 0, 0]
  for (const [i, { cookie, match }] of tables.entries()) {
    const { entries } = await ask.json('GET', `/api/matches/${match}`, { cookie })
    const ids = entries.map(({ id }) => id)
    lost += acknowledged[i].filter((id) => !ids.includes(id)).length
    doubled += ids.length - new Set(ids).size
    moved += ids.filter((id) => !id.startsWith(`school-${match}-`)).length
  }
  stop.abort()
  await Promise.all(following)
  const count = acknowledged.flat().length
  tell(
    `${ROOMS} rooms, ${tables.length} tables, ${following.length} viewers; 3 servers killed, the database restarted`,
    `${lost} of ${count} acknowledged entries lost, ${doubled} doubled, ${moved} moved`,
    lost + doubled + moved === 0,
  )
  tell('recorded, at 50 / 95 / 99 %', `${ms(calm.appended)} ms`, part(calm.appended, 0.95) < 60)
  tell('seen by viewers, mostly at another server', `${ms(calm.seen)} ms`, part(calm.seen, 0.95) < 150)
  tell('the same two with kills and all', `${ms(appended)} and ${ms(seen)} ms`)
  tell('the longest that a table waited', `${Math.max(0, ...appended).toFixed(0)} ms`, Math.max(0, ...appended) < 3000)
}

/** Follows a match as a desk does: sent away, it comes back to what it missed. */
async function follow({ base, cookie, match, sentAt, seen, calm, signal }) {
  let last = 0
  while (!signal.aborted) {
    try {
      const answer = await fetch(`${base}/api/matches/${match}/live?after=${last}`, { headers: { cookie }, signal })
      if (!answer.ok) throw new Error(String(answer.status))
      let text = ''
      for await (const piece of answer.body.pipeThrough(new TextDecoderStream())) {
        text += piece
        const messages = text.split('\n\n')
        text = messages.pop()
        for (const message of messages) {
          if (!message.includes('event: recorded')) continue
          const { id, number } = JSON.parse(/^data: (.*)$/m.exec(message)[1])
          if (number <= last) continue
          last = number
          const at = sentAt.get(id)
          if (!at) continue
          const took = performance.now() - at
          seen.push(took)
          if (at + took < calm.until) calm.seen.push(took)
        }
      }
    } catch {
      if (!signal.aborted) await pause(300)
    }
  }
}

/** What a server has of a core where it is kept to a part of one: so little that neither database nor load is the bound. */
const PART = 0.25

/**
 * Keeps a process to a part of a core. Returns how to let go of it; null where this system doesn't let us (it takes control groups
 * that can be written to).
 */
function keptTo(pid, part) {
  const old = '/sys/fs/cgroup/cpu'
  const isOld = existsSync(join(old, 'cpu.cfs_quota_us'))
  const own = join(isOld ? old : '/sys/fs/cgroup', `nimble-${pid}`)
  // In short turns: a server that waited for most of a long one would be slow, not small.
  const period = 10_000
  try {
    mkdirSync(own)
    if (isOld) {
      writeFileSync(join(own, 'cpu.cfs_period_us'), String(period))
      writeFileSync(join(own, 'cpu.cfs_quota_us'), String(period * part))
    } else writeFileSync(join(own, 'cpu.max'), `${period * part} ${period}`)
    writeFileSync(join(own, 'cgroup.procs'), String(pid))
    return () => rmdirSync(own)
  } catch {
    return null
  }
}

/** What one server carries and what two do: first as this machine has it, then each kept to a part of a core. */
async function carry(tell, all) {
  await carryOneAndTwo(tell, all, null)
  await carryOneAndTwo(tell, all, PART)
}

/** What one server carries and what two do, each table sending its next entry as soon as the last is answered. */
async function carryOneAndTwo(tell, { tables, env, servers }, quota) {
  const carried = []
  const [each60, how] = ['of 60 tables without a pause', quota === null ? '' : `, each with ${quota} of a core,`]
  for (const count of [1, 2]) {
    for (const each of servers.slice(0, count)) await each.start(env)
    const kept = quota === null ? [] : servers.slice(0, count).map((each) => keptTo(each.process().pid, quota))
    const stop = async () => {
      for (const each of servers.slice(0, count)) await each.stop()
      for (const letGo of kept) letGo?.()
    }
    if (kept.includes(null)) {
      await stop()
      return tell('servers kept to a part of a core', 'not on this system')
    }
    const before = servers.slice(0, count).map((each) => each.cpu())
    const own = process.cpuUsage()
    const took = []
    const end = Date.now() + 15_000
    await Promise.all(
      tables.slice(0, 60).map(async ({ cookie, match }, n) => {
        const ask = asking(servers[n % count].address)
        let { last } = await ask.json('GET', `/api/matches/${match}`, { cookie })
        while (Date.now() < end) {
          const began = performance.now()
          const body = {
            id: `carry-${quota === null ? 'all' : 'part'}-${count}-${match}-${last}`,
            after: last,
            entry: { call: 'note', why: 'tide' },
          }
          await ask.json('POST', `/api/matches/${match}/entries`, { cookie, body })
          took.push(performance.now() - began)
          last++
        }
      }),
    )
    const busy = servers.slice(0, count).map((each, i) => ((each.cpu() - before[i]) / 15).toFixed(2))
    const { user, system } = process.cpuUsage(own)
    carried.push(took.length / 15)
    tell(
      `${count === 1 ? 'one server' : 'two servers'}${how} at most, ${each60}`,
      `${carried.at(-1).toFixed(0)} entries a second, ${ms(took)} ms; of a core: ${busy.join(' and ')}, the load ${((user + system) / 15e6).toFixed(2)}`,
    )
    await stop()
  }
  const times = carried[1] / carried[0]
  // Where all of the machine's cores are busy already a second server has none to itself.
  tell(`two of one${how}`, `${times.toFixed(2)} times`, quota === null || times >= 1.6)
}

/** What the list, the logbook and an entry cost as rooms and stored matches grow. */
async function grow(tell, { env, cluster, server: one }) {
  await one.start(env)
  const ask = asking(one.address)
  const keeper = await ask.letIn('/api/keeper/session', { passcode: KEEPER })
  const [room] = await furnish(ask, keeper, 1)
  const sql = postgres(cluster.url, { max: 1, onnotice: () => {} })
  const kept = await sql`select count(*)::int as n from rooms`
  let there = kept[0].n
  for (const many of [there, 1000, 1000]) {
    const rich = many === 1000 && there === 1000
    if (rich) await store(sql, room.matches[0], STORED)
    else if (many > there)
      await sql`insert into rooms (id, name) select 'x' || n, 'Room x' || n from generate_series(${there + 1}::int, ${many}::int) n`
    there = many
    await sql`analyze`
    const match = await table(ask, room.cookie)
    const [list, logbook, append] = [[], [], []]
    for (let i = 0; i < 60; i++) {
      for (const [times, path] of [
        [list, '/api/matches?which=all'],
        [logbook, '/api/logbook?game=brim'],
      ]) {
        const began = performance.now()
        await ask.json('GET', path, { cookie: room.cookie })
        times.push(performance.now() - began)
      }
      const began = performance.now()
      const body = { id: `grow-${i}-${match}`, after: i, entry: entryOf(i) }
      await ask.json('POST', `/api/matches/${match}/entries`, { cookie: room.cookie, body })
      append.push(performance.now() - began)
    }
    const [{ n }] = await sql`select count(*)::int as n from matches`
    tell(
      `with ${there} rooms and ${n} stored matches (median / 95 / 99 %)`,
      `list ${ms(list)}, logbook ${ms(logbook)}, recorded ${ms(append)} ms`,
    )
  }
  await sql.end()
}

/** Matches spread over all rooms, as copies of one: written straight into the database. */
async function store(sql, match, many) {
  const columns = (await sql`select column_name as name from information_schema.columns where table_name = 'matches'`)
    .map(({ name }) => name)
    .filter((name) => !['room', 'id', 'session_id', 'board_token', 'updated_at'].includes(name))
    .join(', ')
  await sql.unsafe(`alter table matches disable trigger told`)
  await sql.unsafe(
    `with r as (select id, row_number() over () - 1 as k, count(*) over () as of from rooms)
     insert into matches (room, id, updated_at, ${columns})
     select r.id, 'kept-' || n, now() - n * interval '1 minute', ${columns}
     from generate_series(1, ${many}) n join r on r.k = n % r.of, matches m where m.id = '${match}'`.replaceAll(
      `, ${columns}\n     from`,
      `, ${columns
        .split(', ')
        .map((c) => `m.${c}`)
        .join(', ')}\n     from`,
    ),
  )
  await sql.unsafe(
    `insert into seats (room, match_id, seat, name, pennant) select room, id, s, 'Player ' || s, s from matches, generate_series(1, 2) s where id like 'kept-%'`,
  )
  await sql.unsafe(`alter table matches enable trigger told`)
}
