// Installs, builds, migrates and starts Nimble Tally. The first start loads the demo data. `bin/start` and `npm start`.
import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, statSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { build } from './build.mjs'
import { install } from './install.mjs'
import { root } from './run.mjs'

const USAGE = `usage: bin/start [--port N] [--host ADDRESS [--passcode WORD]] [--school [--keeper WORD]] [--demo | --empty] [--restore FILE] [--anew]
  --port N        the port to serve on (3000)
  --host ADDRESS  the address to serve on (127.0.0.1: this machine alone)
  --passcode WORD what other devices must give to record; made and shown once where none is set
  --school        many rooms, each with people, matches and a passcode of its own; a keeper makes them at /keeper
  --keeper WORD   the keeper's passcode; made and shown once where none is set
  --demo          a fresh demo in a folder of its own; your own matches are not touched
  --empty         start without demo data
  --restore FILE  a backup takes the place of what is there, which is set aside
  --anew          begin with an empty database where the one that was there is gone
NIMBLE_DATA names another data folder; DATABASE_URL a PostgreSQL server to use instead of a folder.`

/** Ends with a sentence that says what to do. */
function refuse(says, code = 2) {
  console.error(says)
  process.exit(code)
}

/** What was asked for, by the names of the options; ends where that can't be read. */
function readOptions() {
  const text = { type: 'string' }
  const flag = { type: 'boolean' }
  const options = {
    port: text,
    host: text,
    passcode: text,
    school: flag,
    keeper: text,
    restore: text,
    demo: flag,
    empty: flag,
    anew: flag,
  }
  let asked
  try {
    asked = parseArgs({ options: { ...options, help: { ...flag, short: 'h' } } }).values
  } catch (error) {
    refuse(`bin/start does not know that: ${error.message}\n${USAGE}`)
  }
  for (const [name, value] of Object.entries(asked)) if (value === '') refuse(`--${name} needs a value.`)
  if (asked.help) {
    console.log(USAGE)
    process.exit(0)
  }
  for (const word of [asked.passcode, asked.keeper])
    if (word && word.length < 6) refuse('A passcode has at least 6 characters.')
  if (asked.school && asked.passcode) refuse('In a school each room has its own passcode: the keeper makes them.')
  if (asked.school && asked.restore) refuse('Into a school an archive is brought room by room, by the keeper.')
  const restore = asked.restore && resolve(asked.restore)
  if (restore && !statSync(restore, { throwIfNoEntry: false })?.isFile()) refuse(`There is no file ${restore}.`)
  return { ...asked, restore }
}

/** The options as settings of the server. */
function settings(asked) {
  const { port = '3000', host = '127.0.0.1', passcode, school, keeper, restore } = asked
  const { demo = false, empty = false, anew = false } = asked
  const own = process.env.NIMBLE_DATA ? resolve(process.env.NIMBLE_DATA) : join(root, '.data/tally')
  return {
    fresh: demo,
    data: demo ? join(root, '.data/demo') : own,
    host,
    port,
    env: {
      NIMBLE_DEMO: demo || !(empty || restore) ? '1' : '0',
      ...(passcode && { NIMBLE_PASSCODE: passcode }),
      ...(school && { NIMBLE_SCHOOL: '1' }),
      ...(keeper && { NIMBLE_KEEPER: keeper }),
      ...(restore && { NIMBLE_RESTORE: restore }),
      ...(anew && { NIMBLE_ANEW: '1' }),
    },
  }
}

/** Does what is to be done before the server can start, and tells of it: each step by its number, and how long it took. */
async function prepare() {
  const steps = [install, build]
  for (const [i, step] of steps.entries()) {
    const began = Date.now()
    const say = (what) => console.log(`[${i + 1}/${steps.length + 1}] ${what}`)
    if (await step({ say })) say(`done in ${Math.round((Date.now() - began) / 1000)} s`)
  }
  console.log(`[${steps.length + 1}/${steps.length + 1}] Starting …`)
}

const { engines } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'))
const least = engines.node.replace('>=', '')
const older = process.versions.node.localeCompare(least, undefined, { numeric: true }) < 0
if (older) refuse(`Nimble Tally needs Node.js ${least} or newer; install it, then run bin/start again.`, 1)

const { fresh, data, host, port, env } = settings(readOptions())
await prepare().catch((error) => refuse(`Nimble Tally could not be made ready: ${error.message}`, 1))
if (existsSync(data) && !statSync(data).isDirectory())
  refuse(
    `There is a file where the data folder should be: ${data}. Name another folder: NIMBLE_DATA=/another/folder bin/start`,
    1,
  )
if (fresh) rmSync(data, { recursive: true, force: true })
mkdirSync(data, { recursive: true })

const server = spawn(process.execPath, [join(root, '.output/server/index.mjs')], {
  cwd: root,
  stdio: 'inherit',
  env: {
    ...process.env,
    ...env,
    NIMBLE_DATA: data,
    NIMBLE_PREPARED: join(root, 'dist/empty-folder.tar.gz'),
    NITRO_HOST: host,
    NITRO_PORT: port,
    NODE_ENV: 'production',
  },
})
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill('SIGTERM'))
let ready = true
server.on('exit', (code) => process.exit(code ?? (ready ? 0 : 1)))
const waiting = spawn(process.execPath, [join(root, 'bin/lib/await-ready.mjs'), host, port, String(server.pid)], {
  stdio: 'inherit',
})
waiting.on('exit', (code) => {
  ready = code === 0
  if (!ready) server.kill('SIGTERM')
})
