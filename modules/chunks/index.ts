import { addVitePlugin, defineNuxtModule } from 'nuxt/kit'
import { apart } from './apart'
import { entriesFirst } from './entriesFirst'
import { chunks } from './plugin'

/** Some two hundred functions each in one file; a table uses thirty of them. */
const BUNDLED = /\/@vueuse\/(?:core|shared)\/dist\/index\.js$/

export default defineNuxtModule({
  meta: { name: 'chunks' },
  setup(_, nuxt) {
    addVitePlugin(() => [apart(BUNDLED), chunks()], { dev: false, server: false })
    nuxt.hook('build:manifest', entriesFirst)
  },
})
