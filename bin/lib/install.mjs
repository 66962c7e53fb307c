// Installs the packages that are needed: those to build and run, or with --all also those to test. Prints what it does.
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { isMain, root, run } from './run.mjs'

const MARK = join(root, 'node_modules/.nimble-tally.json')
const lock = () =>
  createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex')

/** What was installed here last: by which lock file, and whether all of it. */
function installed() {
  if (existsSync(MARK)) return JSON.parse(readFileSync(MARK, 'utf8'))
  // Installed by npm itself: all of it, where that was after the lock file.
  const npm = join(root, 'node_modules/.package-lock.json')
  const fresh = existsSync(npm) && statSync(npm).mtimeMs >= statSync(join(root, 'package-lock.json')).mtimeMs
  return fresh && existsSync(join(root, 'node_modules/jest'))
    ? { lock: lock(), all: true }
    : { lock: '', all: existsSync(join(root, 'node_modules/jest')) }
}

/** Resolves with whether anything had to be installed; `say` is told before. Throws where npm can't. */
export async function install({ all = false, say = console.log } = {}) {
  const was = installed()
  if (was.lock === lock() && (was.all || !all)) return false
  // Whoever has tested here before goes on testing: a new lock file takes nothing of that away.
  all ||= was.all
  say(all ? 'Installing packages, those for tests too …' : 'Installing packages (a minute the first time) …')
  const kinds = all ? [] : ['--omit=dev', '--ignore-scripts']
  await run('npm', ['ci', ...kinds, '--no-audit', '--no-fund', '--loglevel=error'], {
    shell: process.platform === 'win32',
  })
  writeFileSync(MARK, JSON.stringify({ lock: lock(), all }))
  return true
}

if (isMain(import.meta.url)) await install({ all: process.argv.includes('--all') })
