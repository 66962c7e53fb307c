/**
 * Keeps the page's own files in the browser (a service worker, built by the PWA module), so that a reload works while
 * the server is gone. Browsers offer this on 127.0.0.1 and over https; elsewhere the page works as before.
 */
export default defineNuxtPlugin(() => {
  if (import.meta.dev || !('serviceWorker' in navigator)) return
  // After the page itself: fetching everything must not delay the desk.
  onNuxtReady(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined))
})
