// Writes core/practice/table.ts: what every preset practises, from bot matches; a unit test checks that it is current.
import { build } from 'esbuild'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const outfile = `${root}dist/write-practice.mjs`
await build({
  absWorkingDir: root,
  entryPoints: ['scripts/write-practice.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
})
process.argv[2] = `${root}core/practice/table.ts`
await import(outfile)
