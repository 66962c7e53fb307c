import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

/** What is written in a folder of the house, file by file, with everything below it: pages' parts, styles and code. */
export const sourcesOf = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((path) => /\.(vue|css|ts)$/.test(path))
    .map((path) => ({ path, text: readFileSync(join(folder, path), 'utf8') }))
