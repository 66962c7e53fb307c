import { fileURLToPath } from 'node:url'
import { defineNuxtModule } from 'nuxt/kit'

/** Icons are styles that are made with all others (tailwind.ts); the package that makes them in the page stays out of it. */
export default defineNuxtModule({
  meta: { name: 'icons' },
  setup(_, nuxt) {
    nuxt.options.alias['@nuxt/icon/runtime/components/index.js'] = fileURLToPath(new URL('icon.ts', import.meta.url))
    nuxt.hook('app:resolve', (app) => {
      app.plugins = app.plugins.filter(({ src }) => !src.includes('@nuxt/icon'))
    })
  },
})
