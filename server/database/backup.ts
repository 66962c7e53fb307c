import { createWriteStream, mkdirSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { backupsIn, backupsOf } from './folder'

/** Backups kept, of those by the day and of those before an act; older ones are removed once a newer one is whole. */
const MOST = 7
const DAY_MS = 24 * 60 * 60 * 1000

const stamp = (now: number) => new Date(now).toISOString().slice(0, 16).replace(/[:T]/g, '-')

/** Keeps an archive of everything, as it is read, among the backups, named for what comes after it. It is only named when it is whole. */
export async function keepArchive(
  place: string,
  chunks: AsyncIterable<string>,
  before = '',
  now = Date.now(),
): Promise<string> {
  return keep(place, `nimble-tally-${stamp(now)}${before && `-before-${before}`}.json`, (path) =>
    pipeline(Readable.from(chunks), createWriteStream(path, { mode: 0o600 })),
  )
}

/** Keeps the whole database folder, before a migration changes it. */
export async function keepFolder(folder: string, dump: Buffer, before: string, now = Date.now()): Promise<string> {
  return keep(backupsIn(folder), `nimble-tally-${stamp(now)}-before-${before}.tar.gz`, (path) =>
    writeFileSync(path, dump, { mode: 0o600 }),
  )
}

/** Whether a day has passed since the newest backup in a place. */
export function isBackupDue(place: string, now = Date.now()): boolean {
  const [newest] = backupsOf(place)
  return !newest || now - Date.parse(newest.at) >= DAY_MS
}

async function keep(place: string, name: string, write: (path: string) => Promise<void> | void): Promise<string> {
  mkdirSync(place, { recursive: true, mode: 0o700 })
  const path = join(place, name)
  try {
    await write(`${path}.part`)
    renameSync(`${path}.part`, path)
  } finally {
    rmSync(`${path}.part`, { force: true })
  }
  const isBefore = ({ name }: { name: string }) => name.includes('-before-')
  const all = backupsOf(place)
  // Those before an act don't push the daily ones out.
  for (const some of [all.filter(isBefore), all.filter((each) => !isBefore(each))])
    for (const old of some.slice(MOST)) rmSync(old.path, { force: true })
  return path
}
