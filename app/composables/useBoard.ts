import type { BoardPicture } from '#core/board'
import { callApi } from '~/utils/api'
import type { ToldClock } from '~/utils/matches'

/** What a board gets from the server: what the public at the table can know, and no more. */
export interface Board extends BoardPicture {
  readonly clock: ToldClock
}

/** Silence after which a board says that it is out of date; the server is heard every ten seconds. */
const STALE_MS = 25_000

/** Follows a board by its link, reconnecting by itself. */
export function useBoard(token: () => string) {
  const board = shallowRef<Board | null>(null)
  const behind = ref(0)
  const missing = ref<string | null>(null)
  const lost = ref(false)
  const now = useNow({ interval: 1000 })
  const heardAt = ref(Date.now())
  const stale = computed(() => lost.value || now.value.getTime() - heardAt.value > STALE_MS)
  let source: EventSource | null = null
  let retry: ReturnType<typeof setTimeout> | undefined

  function take(told: Board) {
    board.value = told
    behind.value = told.clock.now - Date.now()
    hear()
  }
  function hear() {
    heardAt.value = Date.now()
    lost.value = false
  }

  async function join() {
    leave()
    try {
      take(await callApi<Board>(`/api/boards/${token()}`))
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
    source = new EventSource(`/api/boards/${token()}/live`)
    source.addEventListener('board', (event) => take(JSON.parse((event as MessageEvent<string>).data) as Board))
    source.addEventListener('here', hear)
    source.addEventListener('gone', () => void join())
    source.onerror = () => {
      lost.value = true
      // The browser itself tries again while the stream is only broken; a closed one is opened anew here.
      if (source?.readyState === EventSource.CLOSED) retry = setTimeout(() => void join(), 2000)
    }
  }

  function leave() {
    clearTimeout(retry)
    source?.close()
    source = null
  }

  onMounted(() => void join())
  onBeforeUnmount(leave)
  watch(token, () => void join())

  const clock = computed(() => ({ ...(board.value?.clock ?? { used: 0, since: null, now: 0 }), behind: behind.value }))
  return { board, clock, missing, stale }
}
