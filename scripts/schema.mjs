// Writes docs/*.schema.json from the Zod schemas; a unit test checks that they are current.
import { build } from 'esbuild'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const outfile = `${root}dist/write-schema.mjs`
await build({
  absWorkingDir: root,
  entryPoints: ['scripts/write-schema.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
})
process.argv[2] = `${root}docs`
await import(outfile)
