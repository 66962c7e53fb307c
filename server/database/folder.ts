import { accessSync, constants, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { StartRefused } from '../utils/startRefused'

/** The data folder can't be used as it is: what is wrong with it, and what to do, in words. */
class FolderBroken extends StartRefused {
  constructor(folder: string, what: string) {
    super(`${what}\nNothing in ${folder} was changed. ${howToRestore(folder)}`)
    this.name = 'FolderBroken'
  }
}

/** Where the database lies in a data folder, and where its backups do. */
export const dataIn = (folder: string) => join(folder, 'pgdata')
export const backupsIn = (folder: string) => join(folder, 'backups')
/** Where the backups of a school's rooms lie, each room's in a folder that is called by its code. */
export const roomsIn = (backups: string) => join(backups, 'rooms')

/** Files and folders that every PostgreSQL folder has; without one of them it can't be opened. */
const NEEDED = ['PG_VERSION', 'global/pg_control', 'base', 'pg_wal', 'pg_xact']

/** A restored database that is whole, and was not yet in its place when the process was killed. */
export const READY = 'pgdata.ready-'

/** How a folder is opened. */
interface Opening {
  /** An archive of an empty folder, that spares the first start its slow set-up. */
  readonly prepared?: Buffer
  /** A folder whose database is gone may begin anew, whatever else lies there. */
  readonly anew?: boolean
}

/**
 * Opens the database in a folder. A folder without one gets the prepared empty one, unpacked beside and renamed, so
 * that nothing is ever unpacked over anything. Throws `FolderBroken` where something is missing or can't be read.
 */
export async function openFolder(folder: string, { prepared, anew = false }: Opening = {}): Promise<PGlite> {
  const data = dataIn(folder)
  refuseReadOnly(folder)
  const [ready] = readdirSync(folder).filter((name) => name.startsWith(READY))
  if (!existsSync(data) && ready) renameSync(join(folder, ready), data)
  if (!existsSync(data) && !anew) refuseGone(folder)
  for (const left of readdirSync(folder).filter((name) => name.startsWith('pgdata.new-')))
    rmSync(join(folder, left), { recursive: true, force: true })
  if (!existsSync(data)) await layDown(folder, prepared)
  refuseBroken(folder, data)
  try {
    const client = await PGlite.create(data)
    await client.query('select 1')
    return client
  } catch (error) {
    throw new FolderBroken(
      folder,
      `The database in ${data} can't be opened: a file in it is damaged (${(error as Error).message.split('\n')[0]}).`,
    )
  }
}

/** Where the database is gone and something of it lies beside, an empty one would only hide that. */
function refuseGone(folder: string): void {
  const aside = readdirSync(folder).filter((name) => name.startsWith('pgdata.before-'))
  if (!aside.length && !backupsOf(backupsIn(folder)).length && !existsSync(roomsIn(backupsIn(folder)))) return
  const says = aside.length
    ? `It was set aside as ${join(folder, aside.sort().at(-1)!)}; to go back to it, rename that folder to pgdata. `
    : ''
  throw new FolderBroken(
    folder,
    `The database ${dataIn(folder)} is gone. ${says}To begin with an empty one all the same: bin/start --anew`,
  )
}

/** Makes the database in a folder that has none, from an archive of another folder or empty. */
async function layDown(folder: string, archive?: Buffer): Promise<void> {
  const beside = join(folder, `pgdata.new-${process.pid}`)
  await layBeside(beside, archive)
  renameSync(beside, dataIn(folder))
}

/** Makes a database in a new folder, from an archive of another one or empty. */
export async function layBeside(beside: string, archive?: Buffer): Promise<void> {
  rmSync(beside, { recursive: true, force: true })
  mkdirSync(beside, { recursive: true, mode: 0o700 })
  const client = await PGlite.create(beside, { loadDataDir: archive ? new Blob([new Uint8Array(archive)]) : undefined })
  await client.close()
}

function refuseReadOnly(folder: string): void {
  try {
    accessSync(folder, constants.W_OK | constants.R_OK)
    if (existsSync(dataIn(folder))) accessSync(dataIn(folder), constants.W_OK | constants.R_OK)
  } catch {
    throw new FolderBroken(
      folder,
      `The data folder ${folder} can't be written: it belongs to somebody else, or lies on a read-only disk.`,
    )
  }
}

/** Refuses a database in which something that every one has is missing or empty. */
export function refuseBroken(folder: string, data: string): void {
  const missing = NEEDED.find((part) => !existsSync(join(data, part)))
  if (missing) throw new FolderBroken(folder, `The database in ${data} is incomplete: ${missing} is missing.`)
  const empty = ['PG_VERSION', 'global/pg_control'].find((part) => statSync(join(data, part)).size === 0)
  if (empty) throw new FolderBroken(folder, `The database in ${data} is damaged: ${empty} is empty.`)
}

/** Where the newest backup lies and how it is brought back, in words. */
function howToRestore(folder: string): string {
  const [newest] = backupsOf(backupsIn(folder))
  const rooms = roomsIn(backupsIn(folder))
  if (!newest && existsSync(rooms))
    return `Archives of the school's rooms lie in ${rooms}: begin anew (bin/start --school --anew), make the rooms at /keeper, and bring each one's newest archive in there.`
  if (!newest)
    return 'There is no backup yet; keep the folder for whoever can mend it, and start with another one: NIMBLE_DATA=/another/folder bin/start'
  return `The newest backup is ${newest.path}.\nBring it back with: bin/start --restore ${newest.path}`
}

interface Backup {
  readonly name: string
  readonly path: string
  /** When it was made, in ISO 8601. */
  readonly at: string
  readonly bytes: number
}

const BACKUP = /^nimble-tally-.*\.(?:json|tar\.gz)$/

/** The backups in a place, the newest first. */
export function backupsOf(place: string): Backup[] {
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
