import { existsSync } from 'node:fs'
import { statfs } from 'node:fs/promises'
import { environment } from '../utils/environment'
import { Refusal } from '../utils/refusal'
import { StartRefused } from '../utils/startRefused'
import { dataIn } from './folder'

/** Milliseconds for which a look at the disk is good. */
const FRESH_MS = 1000

let looked = { at: -Infinity, free: Infinity, folder: '' }

/** Refuses to start where the disk is all but full: laying a database down would break off halfway, or hang. */
export async function refuseFullStart(folder: string): Promise<void> {
  try {
    await refuseFullDisk(folder)
  } catch (error) {
    if (existsSync(dataIn(folder)) || !(error instanceof Refusal)) return
    throw new StartRefused(`${error.says.split('.')[0]}. Make room, then start again; nothing was written yet.`)
  }
}

/** Refuses (507) where the disk of a data folder is all but full; everything goes on once there is room again. */
export async function refuseFullDisk(folder: string | null, now = Date.now()): Promise<void> {
  if (folder === null) return
  if (now - looked.at > FRESH_MS || looked.folder !== folder) {
    const { bavail, bsize } = await statfs(folder)
    looked = { at: now, free: bavail * bsize, folder }
  }
  if (looked.free < environment().diskMargin)
    throw new Refusal(
      507,
      'disk-full',
      `The disk is full: ${Math.floor(looked.free / 1e6)} MB are left where the data lie. Make room; what waits here is kept and sent then.`,
    )
}
