import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, realpathSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { StartRefused } from '../utils/startRefused'

/** Another process has the folder. */
class FolderTaken extends StartRefused {
  constructor(folder: string) {
    super(
      `The data folder ${folder} is in use by another Nimble Tally.\n` +
        'Close that one first, or give this one its own folder: NIMBLE_DATA=/another/folder bin/start',
    )
    this.name = 'FolderTaken'
  }
}

/** Lets go of what was taken. */
type Release = () => Promise<void>

/**
 * Takes a data folder for this process alone; PGlite itself would let two processes corrupt it. The folder itself is
 * taken, by whatever path it is reached: on Linux by a lock on a file in it (`flock`, which also holds between
 * containers that share a volume) and a socket in the abstract namespace named after device and inode; both are freed
 * by the system even after `kill -9`. Elsewhere by a file with the process number. Throws `FolderTaken`.
 */
export async function takeFolder(folder: string): Promise<Release> {
  // What children did is nobody else's business on this machine.
  makeFolder(folder)
  const real = realpathSync(folder)
  if (process.platform !== 'linux') return takeFile(real)
  const socket = await takeSocket(real)
  try {
    const file = await takeFlock(real)
    return async () => {
      await file()
      await socket()
    }
  } catch (error) {
    await socket()
    throw error
  }
}

function makeFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 })
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException
    const why =
      code === 'EEXIST' || code === 'ENOTDIR'
        ? 'there is a file in its place, or in its way'
        : code === 'ENOSPC'
          ? 'the disk is full'
          : message
    throw new StartRefused(
      `The data folder ${folder} can’t be made: ${why}.\nName another one: NIMBLE_DATA=/another/folder bin/start`,
    )
  }
}

function takeSocket(folder: string): Promise<Release> {
  const { dev, ino } = statSync(folder)
  const server = createServer((socket) => socket.destroy())
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) =>
      reject(error.code === 'EADDRINUSE' ? new FolderTaken(folder) : error),
    )
    server.listen(`\0nimble-tally-${dev}-${ino}`, () => {
      server.unref()
      resolve(() => new Promise((done) => server.close(() => done())))
    })
  })
}

/** Seconds that one waits for a holder that was killed just now: its helper ends a moment after it. */
const WAIT_S = 2

/**
 * Holds `flock` on a file in the folder through a helper that lives as long as this process: its standard input is a
 * pipe from here, which the system closes whatever becomes of this process. Without the program (util-linux) the
 * socket alone holds the folder.
 */
function takeFlock(folder: string): Promise<Release> {
  const file = join(folder, 'lock')
  const helper = spawn('flock', ['-w', String(WAIT_S), file, 'sh', '-c', 'echo held; cat >/dev/null'], {
    stdio: ['pipe', 'pipe', 'ignore'],
    // Ctrl+C is this process's to hear: the lock is held until the database is closed.
    detached: true,
  })
  helper.stdin.on('error', () => undefined)
  return new Promise((resolve, reject) => {
    helper.once('error', () => resolve(async () => undefined))
    helper.once('exit', () => reject(new FolderTaken(folder)))
    helper.stdout.once('data', () => {
      helper.removeAllListeners('exit')
      helper.unref()
      resolve(
        () =>
          new Promise((done) => {
            helper.once('exit', () => done())
            helper.stdin.end()
          }),
      )
    })
  })
}

async function takeFile(folder: string): Promise<Release> {
  const file = join(folder, 'in-use')
  if (existsSync(file) && isRunning(Number(readFileSync(file, 'utf8')))) throw new FolderTaken(folder)
  writeFileSync(file, String(process.pid))
  return async () => rmSync(file, { force: true })
}

function isRunning(pid: number): boolean {
  if (!Number.isInteger(pid) || pid <= 0 || pid === process.pid) return false
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM'
  }
}
