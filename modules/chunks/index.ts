import { addVitePlugin, defineNuxtModule } from 'nuxt/kit'
import { chunks } from './plugin'

export default defineNuxtModule({
  meta: { name: 'chunks' },
  setup: () => void addVitePlugin(() => chunks(), { dev: false, server: false }),
})
