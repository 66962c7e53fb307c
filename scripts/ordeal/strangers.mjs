// What a hostile neighbour, or a slip, does to a server that a network reaches: parts of `npm run ordeal`.
import { readdirSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { server } from './server.mjs'

const PASSCODE = 'lantern-eight'
const LEAVES = Number(process.env.LEAVES ?? 2200)

const sizeOf = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true }).reduce(
    (sum, entry) => sum + (entry.isFile() ? statSync(join(entry.parentPath ?? entry.path, entry.name)).size : 0),
    0,
  )
const cookieIn = (answer) => /^([^=]+)=([^;]+)/.exec(answer.headers.getSetCookie()[0] ?? '')

/** The parts, each telling what came of it through `tell`. */
export function strangers(tell) {
  async function opened() {
    const one = server()
    await one.start({ NITRO_HOST: '0.0.0.0', NIMBLE_PASSCODE: PASSCODE })
    const ask = (path, { method = 'GET', body, cookie, ...more } = {}) =>
      fetch(one.address + path, {
        method,
        body: body && JSON.stringify(body),
        headers: { ...(body ? { 'content-type': 'application/json' } : {}), ...(cookie ? { cookie } : {}), ...more },
      })
    const [, , value] = cookieIn(await ask('/api/session', { method: 'POST', body: { passcode: PASSCODE } }))
    return { one, ask, cookie: `nimble-tally=${value}` }
  }
  const close = async ({ one }) => {
    await one.stop()
    rmSync(one.folder, { recursive: true, force: true })
  }

  async function cookies() {
    const at = await opened()
    const { ask, cookie } = at
    const seats = [{ name: 'Ines', pennant: 1 }]
    const { id } = await (
      await ask('/api/matches', { method: 'POST', cookie, body: { game: 'brim', seats, first: 1 } })
    ).json()
    const { code } = await (await ask(`/api/matches/${id}/helpers`, { method: 'POST', cookie, body: {} })).json()
    const [, , value] = cookieIn(await ask('/api/helper', { method: 'POST', body: { code } }))
    const renamed = await ask('/api/archive', { cookie: `nimble-tally=${value}` })
    tell('a helper’s cookie under the referee’s name', String(renamed.status), renamed.status === 401)
    let wrong = 0
    for (let i = 0; i < 40; i++) {
      if ((await ask('/api/session', { method: 'POST', body: { passcode: `guess ${i}` } })).status === 403) wrong++
      await ask('/api/helper', { method: 'POST', body: { code } })
    }
    tell('wrong passcodes between right codes of a helper (40)', `${wrong} were looked at`, wrong <= 5)
    await close(at)
  }

  async function questions() {
    const at = await opened()
    const { one, ask, cookie } = at
    const ids = (n) => Array.from({ length: n }, (_, i) => `person-${i}`).join(',')
    await one.held()
    const many = (await ask(`/api/logbook?who=${ids(180)}`, { cookie })).status
    const start = performance.now()
    const eight = (await ask(`/api/logbook?who=${ids(8)}`, { cookie })).status
    const took = performance.now() - start
    const held = await one.held()
    tell(
      'a logbook of 180 people; of eight',
      `${many}; ${eight} in ${took.toFixed(0)} ms, loop held ${held} ms`,
      many === 422 && eight === 200 && held < 200,
    )
    const foreign = (await ask('/api/logbook', { cookie, 'sec-fetch-site': 'cross-site' })).status
    tell('looked at from another site’s page', String(foreign), foreign === 403)
    await close(at)
  }

  async function books() {
    const at = await opened()
    const { one, ask, cookie } = at
    const seats = [{ name: 'Ines', pennant: 1 }]
    const { id } = await (
      await ask('/api/matches', { method: 'POST', cookie, body: { game: 'brim', seats, first: 1 } })
    ).json()
    const send = async (entry) => {
      await one.held()
      const { status } = await ask(`/api/matches/${id}/entries`, {
        method: 'POST',
        cookie,
        body: { id: `book-${Math.random()}`.slice(0, 20), after: 0, entry },
      })
      return `${status}, loop held ${await one.held()} ms`
    }
    const dice = await send({ play: { do: 'roll', by: 1, dice: Array.from({ length: 1_900_000 }, () => 1) } })
    const fields = await send(Object.fromEntries(Array.from({ length: 300_000 }, (_, i) => [`k${i}`, 0])))
    tell('a play of 1,900,000 dice', dice, dice.startsWith('413'))
    tell('an entry of 300,000 unknown fields', fields, fields.startsWith('413'))
    await close(at)
  }

  async function leaves() {
    const at = await opened()
    const { one, ask } = at
    const before = sizeOf(one.folder)
    for (let i = 0; i < LEAVES; i++)
      await ask('/api/session', { method: 'DELETE', cookie: `nimble-tally=stranger-${i}` })
    const grown = (sizeOf(one.folder) - before) / 1e6
    tell(`strangers who leave (${LEAVES})`, `the folder grew by ${grown.toFixed(1)} MB`, grown < 20)
    await close(at)
  }

  async function halves() {
    const one = server()
    await one.start()
    const match = await one.makeMatch()
    const archive = await (await fetch(`${one.address}/api/archive`)).text()
    await one.stop()
    const half = join(one.folder, 'half.json')
    writeFileSync(half, archive.slice(0, archive.length / 2))
    const began = await one.start({ NIMBLE_RESTORE: half })
    await one.start()
    const there = (await one.get(`/api/matches/${match}`)).id === match
    tell(
      'half an archive to be brought back',
      `${began ? 'started' : 'refused'}, the match is ${there ? 'there' : 'gone'}`,
      !began && there,
    )
    await one.stop()
    rmSync(one.folder, { recursive: true, force: true })
  }

  return { cookies, questions, books, leaves, halves }
}
