import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join, sep } from 'node:path'

/** What a page is made of; packed copies and maps are not asked for by their own names. */
const NEEDED = /\.(?:js|css|woff2|svg|webmanifest)$|^_nuxt\/builds\/.*\.json$/
/** Named after what is in it: another content has another name. */
const BY_CONTENT = /^_nuxt\/(?!builds\/latest)/

/** A file that a browser keeps; without a revision its name alone says which it is. */
export interface Kept {
  readonly url: string
  readonly revision: string | null
}

/** The files below the folder that is served which a browser keeps to be without the server, by their addresses in alphabetical order. */
export function filesToKeep(folder: string): Kept[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .map((path) => path.split(sep).join('/'))
    .filter((url) => NEEDED.test(url) && url !== WORKER && statSync(join(folder, url)).isFile())
    .sort()
    .map((url) => ({ url, revision: BY_CONTENT.test(url) ? null : revisionOf(readFileSync(join(folder, url))) }))
}

/** The service worker's own name: the browser keeps that by itself. */
export const WORKER = 'sw.js'

const revisionOf = (content: Buffer) => createHash('sha256').update(content).digest('hex').slice(0, 16)
