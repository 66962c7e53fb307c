import { accessSync, constants, existsSync, mkdirSync, readFileSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { StartRefused } from '../utils/startRefused'

/** The data folder can't be used as it is: what is wrong with it, and what to do, in words. */
export class FolderBroken extends StartRefused {
  constructor(folder: string, what: string) {
    super(`${what}\nNothing in ${folder} was changed. ${howToRestore(folder)}`)
    this.name = 'FolderBroken'
  }
}

/** Where the database lies in a data folder, and where its backups do. */
export const dataIn = (folder: string) => join(folder, 'pgdata')
export const backupsIn = (folder: string) => join(folder, 'backups')

/** Files and folders that every PostgreSQL folder has; without one of them it can't be opened. */
const NEEDED = ['PG_VERSION', 'global/pg_control', 'base', 'pg_wal', 'pg_xact']

/**
 * Opens the database in a folder. A folder without one gets the prepared empty one, unpacked beside and renamed, so
 * that nothing is ever unpacked over anything. Throws `FolderBroken` where something is missing or can't be read.
 */
export async function openFolder(folder: string, prepared?: string): Promise<PGlite> {
  const data = dataIn(folder)
  refuseReadOnly(folder)
  for (const left of readdirSync(folder).filter((name) => name.startsWith('pgdata.new-'))) rmSync(join(folder, left), { recursive: true, force: true })
  if (!existsSync(data)) await layDown(folder, prepared && existsSync(prepared) ? readFileSync(prepared) : undefined)
  refuseBroken(folder)
  try {
    const client = await PGlite.create(data)
    await client.query('select 1')
    return client
  } catch (error) {
    throw new FolderBroken(folder, `The database in ${data} can't be opened: a file in it is damaged (${(error as Error).message.split('\n')[0]}).`)
  }
}

/**
 * Sets aside the database that is there, for a backup that takes its place: a folder's (`.tar.gz`) is laid down at once,
 * an archive (`.json`) is read into an empty one once that is open. Nothing is deleted.
 */
export async function makeWayFor(folder: string, backup: string): Promise<void> {
  if (!existsSync(backup)) throw new Error(`There is no backup ${backup}.`)
  const whole = backup.endsWith('.tar.gz') ? readFileSync(backup) : null
  if (existsSync(dataIn(folder))) renameSync(dataIn(folder), `${dataIn(folder)}.before-${new Date().toISOString().replace(/[:.]/g, '-')}`)
  if (whole) await layDown(folder, whole)
}

/** Makes the database in a folder that has none, from an archive of another folder or empty. */
export async function layDown(folder: string, archive?: Buffer): Promise<void> {
  const beside = join(folder, `pgdata.new-${process.pid}`)
  mkdirSync(beside, { recursive: true, mode: 0o700 })
  const client = await PGlite.create(beside, { loadDataDir: archive ? new Blob([new Uint8Array(archive)]) : undefined })
  await client.close()
  renameSync(beside, dataIn(folder))
}

function refuseReadOnly(folder: string): void {
  try {
    accessSync(folder, constants.W_OK | constants.R_OK)
    if (existsSync(dataIn(folder))) accessSync(dataIn(folder), constants.W_OK | constants.R_OK)
  } catch {
    throw new FolderBroken(folder, `The data folder ${folder} can't be written: it belongs to somebody else, or lies on a read-only disk.`)
  }
}

function refuseBroken(folder: string): void {
  const data = dataIn(folder)
  const missing = NEEDED.find((part) => !existsSync(join(data, part)))
  if (missing) throw new FolderBroken(folder, `The database in ${data} is incomplete: ${missing} is missing.`)
  const empty = ['PG_VERSION', 'global/pg_control'].find((part) => statSync(join(data, part)).size === 0)
  if (empty) throw new FolderBroken(folder, `The database in ${data} is damaged: ${empty} is empty.`)
}

/** Where the newest backup lies and how it is brought back, in words. */
export function howToRestore(folder: string): string {
  const [newest] = backupsOf(folder)
  if (!newest) return 'There is no backup yet; keep the folder for whoever can mend it, and start with another one: NIMBLE_DATA=/another/folder bin/start'
  return `The newest backup is ${newest.path}.\nBring it back with: bin/start --restore ${newest.path}`
}

export interface Backup {
  readonly name: string
  readonly path: string
  /** When it was made, in ISO 8601. */
  readonly at: string
  readonly bytes: number
}

const BACKUP = /^nimble-tally-.*\.(?:json|tar\.gz)$/

/** The backups of a data folder, the newest first. */
export function backupsOf(folder: string): Backup[] {
  const place = backupsIn(folder)
  if (!existsSync(place)) return []
  return readdirSync(place)
    .filter((name) => BACKUP.test(name))
    .map((name) => {
      const path = join(place, name)
      const { mtime, size } = statSync(path)
      return { name, path, at: mtime.toISOString(), bytes: size }
    })
    .sort((a, b) => b.at.localeCompare(a.at) || b.name.localeCompare(a.name))
}
