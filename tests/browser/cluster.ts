import { execFileSync, spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** Where Debian's `postgresql` puts its programs; the newest version. */
function programs(): string {
  const root = '/usr/lib/postgresql'
  const [newest] = existsSync(root) ? readdirSync(root).sort((a, b) => Number(b) - Number(a)) : []
  if (!newest)
    throw new Error('There is no PostgreSQL server on this machine: apt-get install postgresql (bin/test does).')
  return join(root, newest, 'bin')
}

/** A PostgreSQL server never runs as root: it gets Debian's user where that is needed. */
function account(): { uid?: number; gid?: number } {
  if (process.getuid?.() !== 0) return {}
  const id = (which: string) => Number(execFileSync('id', [which, 'postgres'], { encoding: 'utf8' }))
  return { uid: id('-u'), gid: id('-g') }
}

function freePort(): Promise<number> {
  const server = createServer()
  return new Promise((resolve, reject) => {
    server.once('error', reject)
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number }
      server.close(() => resolve(port))
    })
  })
}

/** A PostgreSQL cluster of a test's own, in a folder of its own on a free port; gone once it is stopped. */
export async function ownCluster({ flushed = false } = {}) {
  const bin = programs()
  const as = account()
  const folder = mkdtempSync(join(tmpdir(), 'nimble-cluster-'))
  if (as.uid !== undefined) chownSync(folder, as.uid, as.gid!)
  const data = join(folder, 'data')
  execFileSync(
    join(bin, 'initdb'),
    ['-D', data, '-U', 'nimble', '--auth=trust', '--encoding=UTF8', '--locale=C.UTF-8', '--no-sync'],
    {
      ...as,
      stdio: 'pipe',
      cwd: folder,
    },
  )
  const port = await freePort()
  const settings = [
    'listen_addresses=127.0.0.1',
    ...(flushed ? [] : ['fsync=off']),
    'max_connections=60',
    `unix_socket_directories=${folder}`,
  ]
  const begin = (): ChildProcess =>
    spawn(join(bin, 'postgres'), ['-D', data, '-p', String(port), ...settings.flatMap((each) => ['-c', each])], {
      ...as,
      cwd: folder,
      stdio: 'ignore',
    })
  let server = begin()
  const ready = () =>
    spawnSync(join(bin, 'pg_isready'), ['-h', '127.0.0.1', '-p', String(port)], { stdio: 'ignore' }).status === 0
  async function started(): Promise<void> {
    for (let tries = 0; !ready(); tries++) {
      if (tries > 200 || server.exitCode !== null) throw new Error('The PostgreSQL server did not start.')
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
  }
  await started()
  async function end(): Promise<void> {
    const gone = new Promise((resolve) => server.once('exit', resolve))
    // At once: whoever is still connected is sent away.
    server.kill('SIGINT')
    await gone
  }
  return {
    url: `postgres://nimble@127.0.0.1:${port}/postgres`,
    /** Ends it and starts it again on the same port. */
    async restart() {
      await end()
      server = begin()
      await started()
    },
    async stop() {
      if (server.exitCode !== null) return
      await end()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
