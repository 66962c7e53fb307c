const RETRY_MS = [500, 1000, 2000, 4000]

/** Whether the server can be reached; once it can't, `again` is tried after longer and longer pauses. */
export function makeLink(again: () => Promise<void>) {
  const online = ref(true)
  let tries = 0
  let timer: ReturnType<typeof setTimeout> | undefined

  const stop = () => clearTimeout(timer)
  function lost() {
    online.value = false
    stop()
    timer = setTimeout(() => void again(), RETRY_MS[Math.min(tries++, RETRY_MS.length - 1)])
  }
  /** An entry arrived: the next loss is a new one. */
  function arrived() {
    online.value = true
    tries = 0
  }
  return { online, lost, arrived, stop }
}

export type Link = ReturnType<typeof makeLink>
