import { defineNuxtModule } from 'nuxt/kit'
import { filesOf, type Modules } from './files'

export default defineNuxtModule({
  meta: { name: 'chunks' },
  setup(_, nuxt) {
    let files: ReturnType<typeof filesOf> | undefined
    const manualChunks = (id: string, modules: Modules) => (files ??= filesOf(modules)).get(id)
    nuxt.hook('vite:extendConfig', (config, { isClient }) => {
      const output = config.build?.rollupOptions?.output
      if (isClient && output && !Array.isArray(output))
        Object.assign(output, { manualChunks, onlyExplicitManualChunks: true })
    })
  },
})
