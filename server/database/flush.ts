import { closeSync, fdatasync, fsyncSync, openSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'

const sync = promisify(fdatasync)

/**
 * Flushes PGlite's log to the disk itself: PGlite writes it to the system and takes that for flushed, so that a power
 * cut could lose what was acknowledged. One flush serves everybody who asked while the one before was under way.
 */
export function makeFlush(data: string): () => Promise<void> {
  const wal = join(data, 'pg_wal')
  /** When a segment was changed last as it was flushed, in milliseconds. */
  const flushed = new Map<string, number>()
  let running: Promise<void> | null = null
  let next: Promise<void> | null = null

  async function flushNow(): Promise<void> {
    let fresh = false
    for (const name of readdirSync(wal)) {
      if (!/^[0-9A-F]{24}$/.test(name)) continue
      const path = join(wal, name)
      const { mtimeMs } = statSync(path)
      if (flushed.get(name) === mtimeMs) continue
      fresh ||= !flushed.has(name)
      const file = openSync(path, 'r+')
      try {
        await sync(file)
      } finally {
        closeSync(file)
      }
      flushed.set(name, mtimeMs)
    }
    // A new segment is only there after a power cut once its folder is on the disk too.
    if (fresh) syncFolder(wal)
  }

  function begin(): Promise<void> {
    next = null
    running = flushNow().finally(() => (running = null))
    return running
  }

  return function flush() {
    if (!running) return begin()
    next ??= running.catch(() => undefined).then(begin)
    return next
  }
}

function syncFolder(folder: string): void {
  const handle = openSync(folder, 'r')
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}
