/**
 * Keeps the page's own files in the browser (a service worker: modules/kept), so that a reload works while the server is gone.
 * Browsers offer this on 127.0.0.1 and over https; elsewhere the page works as before. A newer version waits: `newer` holds
 * how it is taken, which loads the page again.
 */
export default defineNuxtPlugin(() => {
  const newer = shallowRef<(() => void) | null>(null)
  if (!import.meta.dev && 'serviceWorker' in navigator)
    // After the page itself: fetching everything must not delay the desk.
    onNuxtReady(async () => {
      const { Workbox } = await import('workbox-window')
      const worker = new Workbox('/sw.js')
      worker.addEventListener('waiting', () => (newer.value = () => worker.messageSkipWaiting()))
      // The first one takes the page in hand as it is; a newer one comes with pages of its own.
      worker.addEventListener('controlling', ({ isUpdate }) => isUpdate && location.reload())
      await worker.register({ immediate: true }).catch(() => undefined)
    })
  return { provide: { newer } }
})
