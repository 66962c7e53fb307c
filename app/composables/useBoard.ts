import type { ToldClock } from '#shared/api'
import type { BoardStream } from '#shared/streams'

/** Silence after which a board says that it is out of date; the server is heard every ten seconds. */
const STALE_MS = 25_000

/** Follows a board by what answers it, and by the address of its stream, reconnecting by itself. */
export function useBoard<Shown extends { readonly clock: ToldClock }>(ask: () => Promise<Shown>, stream: () => string) {
  const board = shallowRef<Shown | null>(null)
  const behind = ref(0)
  const missing = ref<string | null>(null)
  const lost = ref(false)
  const now = useNow({ interval: 1000 })
  const heardAt = ref(Date.now())
  const stale = computed(() => lost.value || now.value.getTime() - heardAt.value > STALE_MS)
  let retry: ReturnType<typeof setTimeout> | undefined

  function take(told: Shown) {
    board.value = told
    behind.value = told.clock.now - Date.now()
    hear()
  }
  function hear() {
    heardAt.value = Date.now()
    lost.value = false
  }

  const live = useLive<BoardStream<Shown>>(stream, { board: take, here: hear, gone: () => void join() }, () => {
    lost.value = true
    void check()
  })

  /** A stream that breaks doesn't say why: the link may lead nowhere any more. */
  async function check() {
    try {
      await ask()
    } catch (error) {
      if (!(error instanceof ApiError) || error.unreachable) return
      live.leave()
      missing.value = error.says
    }
  }

  async function join() {
    live.leave()
    clearTimeout(retry)
    try {
      take(await ask())
      missing.value = null
    } catch (error) {
      if (error instanceof ApiError && !error.unreachable) {
        missing.value = error.says
        return
      }
      lost.value = true
      retry = setTimeout(() => void join(), 2000)
      return
    }
    live.again()
  }

  onMounted(() => void join())
  onBeforeUnmount(() => clearTimeout(retry))
  watch(stream, () => void join())

  const clock = computed(() => ({ ...(board.value?.clock ?? { used: 0, since: null, now: 0 }), behind: behind.value }))
  return { board, clock, missing, stale }
}
