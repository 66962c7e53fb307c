import { spawn } from 'node:child_process'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

/** Where Nimble Tally lies. */
export const root = join(dirname(fileURLToPath(import.meta.url)), '../..')

/** Whether the module at `url` is what was started, and not read by another one. */
export const isMain = (url) => process.argv[1] === fileURLToPath(url)

/** Runs a command in the root; with `quiet` what it says is shown only when it fails. Throws where it does. */
export function run(command, args, { quiet = false, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: quiet ? 'pipe' : 'inherit', ...options })
    let told = ''
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (chunk) => (told += chunk))
    child.on('error', reject)
    child.on('exit', (code, signal) => {
      if (code === 0) return resolve()
      process.stderr.write(told)
      reject(new Error(`${command} ${args.join(' ')} ended with ${code ?? signal}`))
    })
  })
}
