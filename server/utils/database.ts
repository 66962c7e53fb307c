import { AsyncLocalStorage } from 'node:async_hooks'
import { resolve } from 'node:path'
import type { PGlite } from '@electric-sql/pglite'
import { keepFolder } from '../database/backup'
import { boundPglite, openDatabase, overPglite, type Database, type OpenDatabase } from '../database/client'
import { refuseFullDisk } from '../database/disk'
import { migrate, type Migration } from '../database/migrate'
import { environment } from './environment'
import { connections, writes, writeWaitSeconds } from './metrics'
import { Refusal } from './refusal'
import { StartRefused } from './startRefused'
import { whichRoom } from '../school/here'

/** The transaction that a read belongs to; PGlite has one connection, so a read beside it would wait for ever. */
export type Within = Parameters<Parameters<Database['transaction']>[0]>[0]

export type { OpenDatabase }

let opened: Promise<OpenDatabase> | null = null
/** The process ends: nothing opens the folder again that was let go of. */
let closed = false

/** A database that is tried out beside the one of this process, for those who fill it. */
const beside = new AsyncLocalStorage<OpenDatabase>()

/** Opens the one database of this process and brings it up to date; later calls get the same one. Refused once it is closed. */
export async function openOnce(): Promise<OpenDatabase> {
  const trial = beside.getStore()
  if (trial) return trial
  if (closed) throw new Refusal(503, 'ending', 'This server is being stopped. Start it again, then try once more.')
  return (opened ??= open())
}

/** Whether the process ends, so that what fails now is nobody's fault. */
export const isClosed = (): boolean => closed

/** The database, once it is open. */
export async function theDatabase(): Promise<Database> {
  return (await openOnce()).database
}

export async function closeDatabase(): Promise<void> {
  closed = true
  await (await opened)?.close()
}

async function open(): Promise<OpenDatabase> {
  const { data, prepared, restore, anew, databaseUrl: url } = environment()
  if (!data && !url) throw new Error('NIMBLE_DATA must name the data folder as an absolute path; bin/start sets it.')
  if (restore && environment().school)
    throw new StartRefused('Into a school an archive is brought room by room, by the keeper: leave NIMBLE_RESTORE out.')
  const migrations = await bundledMigrations()
  connections.set(url ? environment().connections : 1)
  return openDatabase({
    url,
    connections: environment().connections,
    folder: data ?? '',
    prepared,
    anew,
    restore: restore && !url ? { file: restore, fill: fillBeside } : undefined,
    room: whichRoom(),
    migrate: async (owner, dump) => {
      await migrate(owner, migrations, async (tag) => {
        const whole = data ? await dump() : null
        if (whole) await keepFolder(resolve(data!), whole, tag)
      })
    },
  })
}

/** Reads an archive into the database of this process; set by whoever knows archives, before anything is opened. */
let readArchive: (archive: Buffer) => Promise<void> = async () => undefined
export function archivesAreReadBy(read: typeof readArchive): void {
  readArchive = read
}

async function fillBeside(client: PGlite, archive: Buffer): Promise<void> {
  await migrate(overPglite(client), await bundledMigrations())
  const trial: OpenDatabase = {
    database: await boundPglite(client, whichRoom()),
    place: 'beside',
    folder: null,
    flush: async () => undefined,
    dump: async () => null,
    query: null,
    lent: null,
    listen: null,
    close: async () => undefined,
  }
  await beside.run(trial, () => readArchive(archive))
}

/**
 * Writes in one transaction, and resolves once what was committed is on the disk itself, so that a power cut doesn't
 * take back what is acknowledged. Refused (507) where the disk is all but full; what only `frees` room never is.
 */
export async function writing<T>(write: (tx: Within) => Promise<T>, { frees = false } = {}): Promise<T> {
  const { database, folder, flush } = await openOnce()
  if (!frees) await refuseFullDisk(folder)
  const waited = writeWaitSeconds.startTimer()
  writes.inc()
  try {
    const written = await database.transaction((tx) => {
      waited()
      return write(tx)
    })
    await flush()
    return written
  } finally {
    writes.dec()
  }
}

async function bundledMigrations(): Promise<Migration[]> {
  const assets = useStorage('assets:migrations')
  const keys = (await assets.getKeys()).filter((key) => key.endsWith('.sql')).sort()
  return Promise.all(
    keys.map(async (key) => {
      const raw = await assets.getItemRaw(key)
      return {
        tag: key.replace(/\.sql$/, ''),
        sql: typeof raw === 'string' ? raw : new TextDecoder().decode(raw as Uint8Array),
      }
    }),
  )
}
