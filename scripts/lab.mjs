// Tries house rules out from a shell and prints JSON: npm run -s lab -- --game brim --rules '{"rounds":3}' --players best,careless
import { build } from 'esbuild'
import { rmSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
// A bundle of its own: another run beside this one would write over it while it is read.
const outfile = `${root}dist/lab-${process.pid}.mjs`
process.once('exit', () => rmSync(outfile, { force: true }))
await build({
  absWorkingDir: root,
  entryPoints: ['scripts/lab/main.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'error',
})
await import(outfile)
