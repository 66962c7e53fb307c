import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { PORT } from '../../playwright.config'

/** Servers that run: whatever happens to a test, none of them outlives its worker and answers in place of the next one's. */
const alive = new Set<ChildProcess>()
process.once('exit', () => alive.forEach((each) => each.kill('SIGKILL')))

/** How long a start may take, in milliseconds: a bound for what hangs, however busy the machine is. */
const LONGEST_START = 120_000

/** A server of a test's own, that may be killed and started again. `nth` keeps the ports of the tests apart. */
export function ownServer(nth: number, { host = '127.0.0.1', folder = newFolder(), build = '.output' } = {}) {
  const port = PORT + nth
  const address = `http://127.0.0.1:${port}`
  let process_: ChildProcess | null = null
  let told = ''

  /** Starts it without waiting: for one that is expected to stop by itself. */
  function spawned(env: Readonly<Record<string, string>> = {}): ChildProcess {
    process_ = spawn('node', [join(build, 'server/index.mjs')], {
      env: {
        ...process.env,
        NITRO_HOST: host,
        NITRO_PORT: String(port),
        NODE_ENV: 'production',
        NIMBLE_DEMO: '0',
        NIMBLE_DATA: folder,
        NIMBLE_PREPARED: join(process.cwd(), 'dist/empty-folder.tar.gz'),
        ...env,
      },
      stdio: 'pipe',
    })
    const mine = process_
    alive.add(mine)
    mine.once('exit', () => alive.delete(mine))
    for (const stream of [process_.stdout!, process_.stderr!])
      stream.on('data', (chunk: Buffer) => (told += chunk.toString()))
    return process_
  }

  async function start(env?: Readonly<Record<string, string>>): Promise<void> {
    const mine = spawned(env)
    const isReady = () =>
      fetch(`${address}/api/health`)
        // Another one on the same port would answer as well.
        .then(async (answer) => answer.ok && ((await answer.json()) as { pid: number }).pid === mine.pid)
        .catch(() => false)
    const end = Date.now() + LONGEST_START
    // Killed it has no exit code, and is gone all the same.
    while (alive.has(mine) && Date.now() < end) {
      if (await isReady()) return
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
    throw new Error(`The server did not get ready, and ended with ${mine.exitCode}: ${told}`)
  }

  async function stop(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<void> {
    const running = process_
    if (!running || running.exitCode !== null || running.signalCode !== null) return
    const exit = new Promise((resolve) => running.once('exit', resolve))
    running.kill(signal)
    await exit
  }

  /** Starts one that ends by itself; its exit code. */
  const ended = (env?: Readonly<Record<string, string>>) =>
    new Promise<number | null>((resolve) => spawned(env).once('exit', resolve))

  const get = async <T>(path: string) => (await (await fetch(address + path)).json()) as T
  const post = (path: string, body: unknown) =>
    fetch(address + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })

  return { address, folder, port, start, stop, spawned, ended, get, post, told: () => told }
}

export function newFolder(): string {
  return mkdtempSync(join(tmpdir(), 'nimble-own-'))
}
