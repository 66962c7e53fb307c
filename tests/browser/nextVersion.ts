import { cpSync, mkdtempSync, readFileSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'

/**
 * This build as its next version: with one migration more, which adds something that this one doesn't know. Its folder, to be
 * served beside this one on the same database.
 */
export function nextVersion(migration: string): string {
  const folder = mkdtempSync(join(tmpdir(), 'nimble-next-'))
  const own = (...parts: string[]) => join(folder, 'server', ...parts)
  cpSync('.output/server', own(), { recursive: true, filter: (path) => !path.includes('node_modules') })
  for (const part of ['server/node_modules', 'public']) symlinkSync(resolve('.output', part), join(folder, part))
  writeFileSync(own('chunks/raw/9999_next.mjs'), `export default ${JSON.stringify(migration)}\n`)
  const bundle = own('chunks/nitro/nitro.mjs')
  const before = readFileSync(bundle, 'utf8')
  // The list of what is shipped, in which a migration stands under two names.
  const after = before.replace(
    /\["((?:server:)?migrations:)0016_rooms\.sql"\]: \{/g,
    `["$19999_next.sql"]: { import: () => import('../raw/9999_next.mjs').then((r) => r.default), meta: {} },\n  $&`,
  )
  if (after.split('9999_next.sql').length !== 3) throw new Error('The build lists its migrations in another way now.')
  writeFileSync(bundle, after)
  return folder
}
