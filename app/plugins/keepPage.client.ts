/// <reference types="vite-plugin-pwa/client" />

/**
 * Keeps the page's own files in the browser (a service worker, built by the PWA module), so that a reload works while
 * the server is gone. Browsers offer this on 127.0.0.1 and over https; elsewhere the page works as before. A newer version
 * waits: `newer` holds how it is taken, which loads the page again.
 */
export default defineNuxtPlugin(() => {
  const newer = shallowRef<(() => void) | null>(null)
  if (!import.meta.dev && 'serviceWorker' in navigator)
    // After the page itself: fetching everything must not delay the desk.
    onNuxtReady(async () => {
      const { registerSW } = await import('virtual:pwa-register')
      const take = registerSW({
        immediate: true,
        onNeedRefresh: () => (newer.value = () => void take()),
        onRegisterError: () => undefined,
      })
    })
  return { provide: { newer } }
})
