import { addVitePlugin, defineNuxtModule } from 'nuxt/kit'

/** Kept only since they call something while they are read; what they make is kept where somebody asks for it. */
const CALLING = /\/nuxt\/dist\/app\/composables\/(?:asyncData|fetch)\.js$/
/** Two dozen palettes; ours stand in main.css. */
const PALETTES = /\/tailwindcss\/dist\/colors\.mjs$/

/** Leaves out of the pages what packages bring along and no page ever asks for: 6 kB as sent. */
export default defineNuxtModule({
  meta: { name: 'unasked' },
  setup() {
    addVitePlugin(
      {
        name: 'unasked',
        transform(code, id) {
          if (CALLING.test(id)) return { code, map: null, moduleSideEffects: false }
          return PALETTES.test(id) ? { code: 'export default {}', map: null } : null
        },
      },
      { dev: false, server: false },
    )
  },
})
