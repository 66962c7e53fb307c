import { callApi } from '~/utils/api'
import type { ListedMatch, Summary, ToldClock } from '~/utils/matches'

/** All matches of this machine, kept up to date while the page is open. */
export function useMatches() {
  const matches = shallowRef<readonly ListedMatch[]>([])
  const state = ref<'loading' | 'ready' | 'failed'>('loading')
  let source: EventSource | null = null

  async function load() {
    try {
      const listed = (await callApi<{ matches: ListedMatch[] }>('/api/matches?which=all&limit=60')).matches
      matches.value = listed.map((match) => ({ ...match, clock: { ...match.clock, behind: match.clock.now - Date.now() } }))
      state.value = 'ready'
    } catch {
      state.value = 'failed'
    }
  }

  function take(event: Event) {
    const { match, last, summary } = JSON.parse((event as MessageEvent<string>).data) as { match: string; last: number; summary: Summary }
    if (!matches.value.some(({ id }) => id === match)) return void load()
    matches.value = matches.value.map((listed) =>
      listed.id === match ? { ...listed, last, summary, over: summary.result !== null } : listed,
    )
  }

  function takeClock(event: Event) {
    const { match, clock } = JSON.parse((event as MessageEvent<string>).data) as { match: string; clock: ToldClock }
    const behind = clock.now - Date.now()
    matches.value = matches.value.map((listed) => (listed.id === match ? { ...listed, clock: { ...clock, behind } } : listed))
  }

  // A browser keeps only a few connections to one server: tabs that nobody sees give theirs back.
  const visibility = useDocumentVisibility()
  watch(visibility, (now) => (now === 'visible' ? join() : leave()))

  function leave() {
    source?.close()
    source = null
  }

  function join() {
    leave()
    void load()
    source = new EventSource('/api/live')
    // Back after the server was gone: what happened meanwhile is not in the stream.
    source.addEventListener('open', () => state.value === 'failed' && void load())
    source.addEventListener('recorded', take)
    source.addEventListener('clock', takeClock)
    source.addEventListener('made', () => void load())
    source.addEventListener('removed', () => void load())
  }

  onMounted(join)
  onBeforeUnmount(leave)

  return { matches, state, load }
}
