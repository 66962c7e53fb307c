import { existsSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { gunzip } from 'node:zlib'
import { PGlite } from '@electric-sql/pglite'
import { Refusal } from '../utils/refusal'
import { StartRefused } from '../utils/startRefused'
import { dataIn, layBeside, READY, refuseBroken } from './folder'

/** Puts what an archive's text holds into a database that is new and empty. */
export type Fill = (client: PGlite, archive: Buffer) => Promise<void>

/**
 * Puts a backup in the place of the database that is there: a folder's (`.tar.gz`), or an archive (`.json`). It is read
 * and tried out beside first; only what was read whole takes the place, and what was there is set aside, never deleted.
 * Whatever is wrong with it, nothing has changed. Refuses (`StartRefused`) in words.
 */
export async function bringBack(
  folder: string,
  backup: string,
  prepared: Buffer | undefined,
  fill: Fill,
): Promise<void> {
  const bytes = bytesOf(backup)
  const beside = join(folder, `pgdata.new-${process.pid}`)
  try {
    await tryOut(beside, bytes, prepared, fill)
  } catch (error) {
    rmSync(beside, { recursive: true, force: true })
    throw new StartRefused(`${backup} can’t be brought back: ${sayOf(error)}\nNothing in ${folder} was changed.`)
  }
  // From here on it is whole: a start after a kill between these renames goes on with it.
  const ready = join(folder, `${READY}${stamp()}`)
  renameSync(beside, ready)
  if (existsSync(dataIn(folder))) renameSync(dataIn(folder), `${dataIn(folder)}.before-${stamp()}`)
  renameSync(ready, dataIn(folder))
}

function bytesOf(backup: string): Buffer {
  if (!existsSync(backup) || !statSync(backup).isFile())
    throw new StartRefused(`There is no file ${backup} to bring back.`)
  return readFileSync(backup)
}

async function tryOut(beside: string, bytes: Buffer, prepared: Buffer | undefined, fill: Fill): Promise<void> {
  const whole = isGzip(bytes)
  if (!whole && !/^\uFEFF?\s*\{/.test(bytes.subarray(0, 200).toString('utf8')))
    throw new StartRefused('it is neither an archive (.json) nor the backup of a folder (.tar.gz).')
  // PGlite would leave what is cut short unhandled; so it is unpacked here first.
  if (whole) await unzip(bytes)
  await layBeside(beside, whole ? bytes : prepared)
  refuseBroken(beside, beside)
  const client = await PGlite.create(beside)
  try {
    if (whole) await client.query('select count(*) from matches')
    else await fill(client, bytes)
  } finally {
    await client.close()
  }
}

const unzip = promisify(gunzip)
const isGzip = (bytes: Buffer) => bytes[0] === 0x1f && bytes[1] === 0x8b
const stamp = () => new Date().toISOString().replace(/[:.]/g, '-')

function sayOf(error: unknown): string {
  if (error instanceof Refusal) return error.says
  if (error instanceof StartRefused) return error.message.split('\n')[0]!
  return `it is damaged or was cut short (${String((error as Error)?.message ?? error).split('\n')[0]}).`
}
