import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

let port = 3190

export const pause = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds))

/** A built server in a folder of its own, that can be started, killed and asked. */
export function server(folder = mkdtempSync(join(tmpdir(), 'nimble-ordeal-'))) {
  const at = port++
  const address = `http://127.0.0.1:${at}`
  let running = null
  let told = ''

  /** Starts it; resolves with whether it got ready (false: it ended first). */
  async function start(env = {}) {
    running = spawn('node', ['--import', './scripts/ordeal/loop.mjs', '.output/server/index.mjs'], {
      env: {
        ...process.env,
        NITRO_HOST: '127.0.0.1',
        NITRO_PORT: String(at),
        NODE_ENV: 'production',
        NIMBLE_DEMO: '0',
        NIMBLE_DATA: folder,
        NIMBLE_PREPARED: join(process.cwd(), 'dist/empty-folder.tar.gz'),
        ...env,
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    for (const stream of [running.stdout, running.stderr]) stream.on('data', (chunk) => (told += chunk))
    const mine = running
    while (mine.exitCode === null && mine.signalCode === null) {
      const ready = await fetch(`${address}/api/health`).then(
        (answer) => answer.ok,
        () => false,
      )
      if (ready) return true
      await pause(50)
    }
    return false
  }

  /** Ends it; resolves with the milliseconds that it took. */
  async function stop(signal = 'SIGTERM') {
    const start = performance.now()
    if (!running || running.exitCode !== null || running.signalCode !== null) return 0
    const gone = new Promise((resolve) => running.once('exit', resolve))
    running.kill(signal)
    await gone
    return performance.now() - start
  }

  /** For how many milliseconds the loop was held at most since the last time that this was asked. */
  async function held() {
    told = ''
    running.kill('SIGUSR2')
    for (let i = 0; i < 400 && !/held (\d+) ms/.test(told); i++) await pause(10)
    return Number(/held (\d+) ms/.exec(told)?.[1] ?? NaN)
  }

  /** Megabytes of memory that it has now. */
  const memory = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${running.pid}/status`, 'utf8'))[1]) / 1000

  /** Seconds of a core that it has used. */
  const cpu = () => {
    const fields = readFileSync(`/proc/${running.pid}/stat`, 'utf8').split(') ')[1].split(' ')
    return (Number(fields[11]) + Number(fields[12])) / 100
  }

  const json = { 'content-type': 'application/json' }
  const post = (path, body) =>
    fetch(address + path, {
      method: 'POST',
      headers: json,
      body: typeof body === 'string' ? body : JSON.stringify(body),
    })
  const get = async (path) => (await fetch(address + path)).json()
  const makeMatch = async () =>
    (
      await (
        await post('/api/matches', {
          game: 'brim',
          seats: [{ name: 'Ines', pennant: 1 }],
          first: 1,
          houseRules: { rounds: 50 },
        })
      ).json()
    ).id
  const append = (match, after, entry, id = `ordeal-${match}-${after}`) =>
    post(`/api/matches/${match}/entries`, { id, after, entry })

  return {
    address,
    folder,
    start,
    stop,
    held,
    memory,
    cpu,
    post,
    get,
    makeMatch,
    append,
    told: () => told,
    process: () => running,
  }
}
