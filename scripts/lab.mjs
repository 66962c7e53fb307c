// Tries house rules out from a shell and prints JSON: npm run -s lab -- --game brim --rules '{"rounds":3}' --players best,careless
import { build } from 'esbuild'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const outfile = `${root}dist/lab.mjs`
await build({ absWorkingDir: root, entryPoints: ['scripts/lab/main.ts'], outfile, bundle: true, platform: 'node', format: 'esm', logLevel: 'error' })
await import(outfile)
