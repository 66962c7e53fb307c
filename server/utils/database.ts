import { keepFolder } from '../database/backup'
import { openDatabase, type Database, type OpenDatabase } from '../database/client'
import { refuseFullDisk } from '../database/disk'
import { migrate, type Migration } from '../database/migrate'

/** The transaction that a read belongs to; PGlite has one connection, so a read beside it would wait for ever. */
export type Within = Parameters<Parameters<Database['transaction']>[0]>[0]

let opened: Promise<OpenDatabase> | null = null

/** Opens the one database of this process and brings it up to date; later calls get the same one. */
export function openOnce(): Promise<OpenDatabase> {
  return (opened ??= open())
}

/** The database, once it is open. */
export async function theDatabase(): Promise<Database> {
  return (await openOnce()).database
}

export async function closeDatabase(): Promise<void> {
  const open = opened
  opened = null
  await (await open)?.close()
}

async function open(): Promise<OpenDatabase> {
  const { NIMBLE_DATA, NIMBLE_PREPARED, NIMBLE_RESTORE, DATABASE_URL } = process.env
  if (!NIMBLE_DATA && !DATABASE_URL) throw new Error('NIMBLE_DATA must name the data folder as an absolute path; bin/start sets it.')
  const database = await openDatabase({ url: DATABASE_URL, folder: NIMBLE_DATA ?? '', prepared: NIMBLE_PREPARED, restore: NIMBLE_RESTORE })
  await migrate(database.database, await bundledMigrations(), async (tag) => {
    const dump = await database.dump()
    if (dump && database.folder) await keepFolder(database.folder, dump, tag)
  })
  return database
}

/**
 * Writes in one transaction, and resolves once what was committed is on the disk itself, so that a power cut doesn't
 * take back what is acknowledged. Refused (507) where the disk is all but full; what only `frees` room never is.
 */
export async function writing<T>(write: (tx: Within) => Promise<T>, { frees = false } = {}): Promise<T> {
  const { database, folder, flush } = await openOnce()
  if (!frees) await refuseFullDisk(folder)
  const written = await database.transaction(write)
  await flush()
  return written
}

async function bundledMigrations(): Promise<Migration[]> {
  const assets = useStorage('assets:migrations')
  const keys = (await assets.getKeys()).filter((key) => key.endsWith('.sql')).sort()
  return Promise.all(
    keys.map(async (key) => {
      const raw = await assets.getItemRaw(key)
      return { tag: key.replace(/\.sql$/, ''), sql: typeof raw === 'string' ? raw : new TextDecoder().decode(raw as Uint8Array) }
    }),
  )
}
