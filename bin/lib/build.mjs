// Builds the application when the build is missing or older than its sources, or with --anew in any case.
import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { isMain, root, run } from './run.mjs'

const SOURCES = [
  'app',
  'core',
  'server',
  'shared',
  'modules',
  'public',
  'scripts',
  'nuxt.config.ts',
  'package-lock.json',
]
/** What a build leaves behind, the newest part of it last. */
const BUILT = ['dist/judge.mjs', 'dist/empty-folder.tar.gz', '.output/nitro.json']

/** When something below a path was changed last; tests are no part of the application. */
function newest(path) {
  const found = statSync(path)
  if (!found.isDirectory()) return path.endsWith('.test.ts') ? 0 : found.mtimeMs
  return Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))))
}

function isBuilt() {
  if (!BUILT.every((path) => existsSync(join(root, path)))) return false
  const at = statSync(join(root, BUILT.at(-1))).mtimeMs
  return SOURCES.every((path) => newest(join(root, path)) <= at)
}

/** Resolves with whether anything had to be built; `say` is told before. Throws where it can't be; what went wrong is printed by then. */
export async function build({ anew = false, say = console.log } = {}) {
  if (!anew && isBuilt()) return false
  say('Building the pages and the server (a minute or two) …')
  const quiet = { quiet: true, env: { ...process.env, NODE_ENV: 'production' } }
  const script = (name) => run(process.execPath, [join('scripts', name)], quiet)
  // A build makes much that lives short: more room for it spares every seventh second.
  const nuxt = ['--max-semi-space-size=64', 'node_modules/@nuxt/cli/bin/nuxi.mjs', 'build']
  // The folder takes a core for a few seconds, and the pages are bundled on another one.
  await Promise.all([script('build-judge.mjs'), script('prepare-folder.mjs'), run(process.execPath, nuxt, quiet)])
  return true
}

if (isMain(import.meta.url)) await build({ anew: process.argv.includes('--anew') })
