import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'

/** Another process has the folder. */
export class FolderTaken extends Error {
  constructor(folder: string) {
    super(
      `The data folder ${folder} is in use by another Nimble Tally.\n` +
        'Close that one first, or give this one its own folder: NIMBLE_DATA=/another/folder bin/start',
    )
    this.name = 'FolderTaken'
  }
}

/**
 * Takes a data folder for this process alone; PGlite itself would let two processes corrupt it. On Linux a socket
 * in the abstract namespace holds it, which the system frees even after `kill -9`; elsewhere a file with the
 * process number does. Throws `FolderTaken`; returns how to let go.
 */
export async function takeFolder(folder: string): Promise<() => Promise<void>> {
  mkdirSync(folder, { recursive: true })
  return process.platform === 'linux' ? takeSocket(folder) : takeFile(folder)
}

function takeSocket(folder: string): Promise<() => Promise<void>> {
  const name = `\0nimble-tally-${createHash('sha256').update(folder).digest('hex')}`
  const server = createServer((socket) => socket.destroy())
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) => reject(error.code === 'EADDRINUSE' ? new FolderTaken(folder) : error))
    server.listen(name, () => {
      server.unref()
      resolve(() => new Promise((done) => server.close(() => done())))
    })
  })
}

async function takeFile(folder: string): Promise<() => Promise<void>> {
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
