import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build } from 'esbuild'
import { defineNuxtModule } from 'nuxt/kit'
import { filesToKeep, WORKER } from './files'

/** Makes the service worker once all files of the pages are there: which those are stands in it. */
export default defineNuxtModule({
  meta: { name: 'kept' },
  setup(_, nuxt) {
    nuxt.hook('nitro:build:public-assets', async ({ options }) => {
      const folder = options.output.publicDir
      await build({
        entryPoints: [fileURLToPath(new URL('worker.ts', import.meta.url))],
        outfile: join(folder, WORKER),
        define: { KEPT: JSON.stringify(filesToKeep(folder)) },
        bundle: true,
        minify: true,
        format: 'iife',
        target: 'es2022',
        logLevel: 'warning',
      })
    })
  },
})
