// Bundles and runs the benchmarks: npm run bench.
import { build } from 'esbuild'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const outfile = `${root}dist/bench.mjs`
await build({
  absWorkingDir: root,
  entryPoints: ['scripts/bench/main.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  external: ['tinybench'],
})
await import(outfile)
