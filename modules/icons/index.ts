import { fileURLToPath } from 'node:url'
import { defineNuxtModule } from 'nuxt/kit'

/** Icons are styles that are made with all others (tailwind.ts); the package that makes them in the page stays out of it. */
export default defineNuxtModule({
  meta: { name: 'icons' },
  setup(_, nuxt) {
    nuxt.options.alias['@nuxt/icon/runtime/components/index.js'] = fileURLToPath(new URL('icon.ts', import.meta.url))
    // A list of every collection that there is.
    nuxt.hook('modules:done', () => void delete nuxt.options.appConfig.icon)
    nuxt.hook('app:resolve', (app) => {
      app.plugins = app.plugins.filter(({ src }) => !src.includes('@nuxt/icon'))
    })
  },
})
