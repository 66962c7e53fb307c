// Bundles bin/judge with the core into one file without dependencies, and keeps it as it stands once it is loaded,
// every game and shape made: so one file is judged at once.
import { execFileSync } from 'node:child_process'
import { renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build } from 'esbuild'

const root = fileURLToPath(new URL('..', import.meta.url))
const common = {
  absWorkingDir: root,
  outdir: 'dist',
  bundle: true,
  platform: 'node',
  target: 'node20',
  logLevel: 'warning',
}
await build({
  ...common,
  entryPoints: { 'judge-worker': 'scripts/judge/worker.ts', judge: 'scripts/judge/main.ts' },
  outExtension: { '.js': '.mjs' },
  format: 'esm',
})
await build({
  ...common,
  entryPoints: { 'judge-snapshot': 'scripts/judge/snapshot.ts' },
  outExtension: { '.js': '.cjs' },
  format: 'cjs',
})
const blob = join(root, 'dist/judge.blob')
// Whoever judges meanwhile sees the old one or the new one, whole.
const half = `${blob}.${process.pid}`
try {
  const source = join(root, 'dist/judge-snapshot.cjs')
  execFileSync(process.execPath, ['--snapshot-blob', half, '--build-snapshot', source], { stdio: 'ignore' })
  renameSync(half, blob)
} catch {
  // A Node.js that keeps none judges from the bundle, a tenth of a second later.
  for (const path of [half, blob]) rmSync(path, { force: true })
}
