import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching'
import { registerRoute } from 'workbox-routing'
import { NetworkFirst } from 'workbox-strategies'
import type { Kept } from './files'

/** Runs in the browser beside the pages: gives them their files while the server is gone. */

/** Put here when it is built. */
declare const KEPT: readonly Kept[]
declare function skipWaiting(): Promise<void>

// A newer version waits until somebody takes it, and never takes over in mid-match.
addEventListener('message', ({ data }: MessageEvent<{ type?: string } | null>) => {
  if (data?.type === 'SKIP_WAITING') void skipWaiting()
})
precacheAndRoute([...KEPT])
cleanupOutdatedCaches()
// Every page is the same shell: the server's when it answers, else the one kept from the last time.
registerRoute(
  ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api/'),
  new NetworkFirst({
    cacheName: 'page',
    networkTimeoutSeconds: 4,
    plugins: [{ cacheKeyWillBeUsed: async () => '/' }],
  }),
)
