import type { ListedMatch } from '#shared/api'
import type { RoomStream } from '#shared/streams'
import type { RoomNow } from '~/composables/useRoomSession'
import { callApi } from '~/utils/api'
import type { Hears } from '~/utils/live'

/**
 * The matches of this machine, newest first, kept up to date while the page is open. `which` asks for those that are
 * still played, or for all; older ones come page by page with `more`. `room` keeps the session of the room by the same stream.
 */
export function useMatches(which: 'live' | 'all' = 'all', limit = 60, room?: Pick<RoomNow, 'hear' | 'load'>) {
  const matches = shallowRef<readonly ListedMatch[]>([])
  const state = ref<'loading' | 'ready' | 'failed'>('loading')
  const next = ref<string | null>(null)
  /** The stream was away for a while: what happened meanwhile is not in it. */
  let missed = false
  const hears: Hears<RoomStream> = {
    here: () => {
      if (missed || state.value === 'failed') {
        void load()
        void room?.load()
      }
      missed = false
    },
    recorded: take,
    clock: takeClock,
    made: put,
    renamed: put,
    removed: ({ match }) => (matches.value = matches.value.filter(({ id }) => id !== match)),
    many: () => void load(),
    room: (told) => room?.hear(told),
  }
  const live = useLive(
    () => '/api/live',
    hears,
    () => (missed = true),
  )

  async function load() {
    try {
      const page = await callApi(`/api/matches?which=${which}&limit=${limit}`)
      matches.value = page.matches.map(withDelay)
      next.value = page.next
      state.value = 'ready'
    } catch {
      state.value = 'failed'
    }
  }

  /** The page that comes next. */
  async function more() {
    if (!next.value) return
    const page = await callApi(`/api/matches?which=${which}&limit=${limit}&before=${encodeURIComponent(next.value)}`)
    const known = new Set(matches.value.map(({ id }) => id))
    matches.value = [...matches.value, ...page.matches.filter(({ id }) => !known.has(id)).map(withDelay)]
    next.value = page.next
  }

  function put(listed: ListedMatch) {
    const known = matches.value.some(({ id }) => id === listed.id)
    const now = withDelay(listed)
    matches.value = known
      ? matches.value.map((match) => (match.id === listed.id ? now : match))
      : [now, ...matches.value]
  }

  /** What another server recorded may be told after what came later. */
  function take({ match, last, summary, at }: RoomStream['recorded']) {
    matches.value = matches.value.map((listed) =>
      listed.id === match && last >= listed.last
        ? { ...listed, last, summary, over: summary.result !== null, updatedAt: at }
        : listed,
    )
  }

  function takeClock({ match, clock }: RoomStream['clock']) {
    matches.value = matches.value.map((listed) =>
      listed.id === match ? { ...listed, clock: heardClock(clock) } : listed,
    )
  }

  onMounted(() => {
    void load()
    live.again()
  })

  return { matches, state, next, load, more }
}

const withDelay = (match: ListedMatch): ListedMatch => ({ ...match, clock: heardClock(match.clock) })
