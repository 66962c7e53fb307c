import type { Hears } from '~/utils/live'

/** Follows a stream of the server while the component is there; `again` begins anew, for another address. */
export function useLive<Tells>(address: () => string, hears: Hears<Tells>, lost?: () => void) {
  let live: ReturnType<typeof followLive> | null = null
  const leave = () => {
    live?.close()
    live = null
  }
  const again = () => {
    leave()
    live = followLive(address, hears, lost)
  }
  onBeforeUnmount(leave)
  return { again, leave }
}
