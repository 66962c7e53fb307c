// https://nuxt.com/docs/api/configuration/nuxt-config
import { existsSync } from 'node:fs'

/** For those who work on it; whoever only starts it has no such packages. */
const forDevelopers = existsSync('node_modules/@nuxt/eslint') ? ['@nuxt/eslint'] : []

export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt', '@vueuse/nuxt', ...forDevelopers],
  compatibilityDate: '2026-11-01',
  telemetry: false,
  devtools: { enabled: false },
  css: ['~/assets/main.css'],
  components: [
    { path: '~/components', pathPrefix: false },
    { path: '~/games', pathPrefix: false, pattern: '*/*Gauge.vue' },
  ],
  imports: { dirs: ['stores'] },
  ui: {
    fonts: false,
    colorMode: true,
    // Keys have colours of their own: what no page uses is neither worked out for each of them nor sent.
    theme: { colors: ['primary', 'error'] },
    experimental: { componentDetection: true },
  },
  // modules/icons makes styles of them.
  icon: { provider: 'none', serverBundle: false },
  // The referee's device renders everything; the server only answers the API.
  ssr: false,
  app: {
    head: {
      title: 'Nimble Tally',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'The referee’s companion for live math card and dice games.' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/mark.svg' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
      ],
    },
  },
  hooks: {
    // Whoever works on it is at this machine, and gives no passcode; with --host they do.
    ready: ({ options }) => {
      if (options.dev) process.env.NITRO_HOST ??= options.devServer.host || '127.0.0.1'
    },
    // Every page would fetch the whole desk besides its own parts; what keeps the files for later is the service worker.
    'build:manifest': (manifest) => {
      for (const part of Object.values(manifest)) part.prefetch = false
    },
  },
  typescript: {
    strict: true,
    tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true }, include: ['../tests/types/**/*.ts'] },
    nodeTsConfig: {
      compilerOptions: { types: ['node', 'jest'] },
      include: ['../scripts/**/*.ts', '../tests/**/*.ts', '../core/**/*.ts', '../*.ts'],
      exclude: ['../tests/types'],
    },
  },
  // The desk comes first; other pages are fetched when somebody reaches for their link.
  experimental: { defaults: { nuxtLink: { prefetchOn: { interaction: true, visibility: false } } } },
  nitro: {
    // A desk is some 210 kB so, 700 otherwise: a phone at the far end of the room feels it.
    compressPublicAssets: { gzip: true, brotli: true },
    experimental: { asyncContext: false },
    serverAssets: [{ baseName: 'migrations', dir: './assets/migrations' }],
  },
  // Nobody reads the built code by its maps; they cost a fifth of the build.
  sourcemap: false,
  vite: {
    worker: { format: 'es' },
    optimizeDeps: { include: ['zod'] },
    build: { reportCompressedSize: false },
  },
  eslint: { config: { stylistic: false } },
  // Vite 8 no longer tells by itself where a server of pages begins, and Nuxt asks for it although none is rendered there.
  $development: {
    vite: { environments: { ssr: { build: { rolldownOptions: { input: { server: 'nuxt/dist/app/entry' } } } } } },
  },
})
