// npm run move -- FROM TO: brings a room from a data folder into a PostgreSQL database, or back. Each is a folder or an
// address like postgres://user@host:5432/name. FROM stays as it is; TO must be empty. Both archives are compared at the end.
import { spawn } from 'node:child_process'
import { statSync } from 'node:fs'
import { createServer } from 'node:net'
import { join, resolve } from 'node:path'
import { root } from '../bin/lib/run.mjs'

const isAddress = (place) => /^postgres(ql)?:\/\//.test(place)

function refuse(says) {
  console.error(says)
  process.exit(2)
}

const freePort = () =>
  new Promise((found) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address()
      server.close(() => found(port))
    })
  })

/** Serves a place for this machine alone, without its demo; ends with what it said where it can't. */
async function serve(place) {
  const port = await freePort()
  const server = spawn(process.execPath, [join(root, '.output/server/index.mjs')], {
    env: {
      ...process.env,
      // What is set for a server that runs is none of this one's; set to nothing it counts as not set.
      ...{ DATABASE_URL: '', NIMBLE_DATA: '', NIMBLE_SCHOOL: '', NIMBLE_RESTORE: '' },
      ...(isAddress(place) ? { DATABASE_URL: place } : { NIMBLE_DATA: resolve(place) }),
      NIMBLE_PREPARED: join(root, 'dist/empty-folder.tar.gz'),
      NIMBLE_DEMO: '0',
      NITRO_HOST: '127.0.0.1',
      NITRO_PORT: String(port),
      NODE_ENV: 'production',
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  let told = ''
  for (const stream of [server.stdout, server.stderr]) stream.on('data', (piece) => (told += piece))
  const address = `http://127.0.0.1:${port}`
  for (;;) {
    if (server.exitCode !== null) refuse(`${place} can’t be opened.\n${told}`)
    const ready = await fetch(`${address}/api/health`).then(
      ({ ok }) => ok,
      () => false,
    )
    if (ready) break
    await new Promise((later) => setTimeout(later, 100))
  }
  return {
    archive: async () => (await fetch(`${address}/api/archive`)).text(),
    bring: async (archive) => {
      const answer = await fetch(`${address}/api/archive`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: archive,
      })
      const came = await answer.json()
      if (!answer.ok) refuse(`It can’t be brought in: ${came.says}`)
      return came
    },
    stop: () =>
      new Promise((gone) => {
        server.once('exit', gone)
        server.kill('SIGTERM')
      }),
  }
}

/** An archive without the moment it was made in. Databases sort names each in their way; a session that went on ends with the move. */
function withoutMoment(text) {
  const archive = JSON.parse(text)
  const byId = (list) => list.toSorted((a, b) => (a.id < b.id ? -1 : 1))
  const ended = (session) => ({ ...session, endedAt: session.endedAt ? session.endedAt : 'moved' })
  return {
    ...archive,
    people: byId(archive.people),
    namedRules: byId(archive.namedRules),
    sessions: byId(archive.sessions).map(ended),
    madeAt: undefined,
  }
}

const [from, to] = process.argv.slice(2)
if (!from || !to) refuse('usage: npm run move -- FROM TO, each a data folder or postgres://user@host:5432/name')
if (!isAddress(from) && !statSync(from, { throwIfNoEntry: false })?.isDirectory()) refuse(`There is no folder ${from}.`)

const source = await serve(from)
const taken = await source.archive()
await source.stop()
const target = await serve(to)
const before = JSON.parse(await target.archive())
if (before.matches.length || before.people.length) {
  await target.stop()
  refuse(`${to} is not empty; nothing was changed. Name a new folder, or a new database.`)
}
const { people, matches, leftOut } = await target.bring(taken)
const now = await target.archive()
await target.stop()
const went = withoutMoment(taken)
const going = new Set(JSON.parse(taken).sessions.flatMap(({ id, endedAt }) => (endedAt ? [] : [id])))
const came = withoutMoment(now)
came.sessions = came.sessions.map((session) => (going.has(session.id) ? { ...session, endedAt: 'moved' } : session))
const same = JSON.stringify(went) === JSON.stringify(came)
console.log(`Moved: ${matches} matches, ${people} people${leftOut ? `; ${leftOut} matches could not be read` : ''}.`)
console.log(same ? 'Both archives are the same.' : 'The archives differ; go on using the old place.')
console.log(`${from} is as it was. The passcode, helpers and what could be taken back for a day stay there.`)
process.exit(same ? 0 : 1)
