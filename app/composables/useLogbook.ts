import { toggled } from '#core/basics/lists'
import type { ListedMatch, Series, Week } from '#shared/api'
import type { Person } from '#shared/people'
import { callApi } from '~/utils/api'

/** What is asked of the logbook: people, game, table and words, kept in the address. */
function useLogbookQuestion() {
  const { route, leaves, set, setAll } = useAddress()
  const text = ref(String(route.query.q ?? ''))
  const who = computed(() =>
    String(route.query.who ?? '')
      .split(',')
      .filter(Boolean),
  )
  const asked = computed(() => {
    const parts = (['who', 'of', 'game', 'table', 'from', 'to', 'q'] as const).flatMap((part) => {
      const value = part === 'q' ? text.value.trim() : String(route.query[part] ?? '')
      return value ? [`${part}=${encodeURIComponent(value)}`] : []
    })
    return parts.join('&')
  })
  watchDebounced(text, (now) => leaves.value || set('q', now.trim()), { debounce: 300 })
  const toggle = ({ id }: Person) => set('who', toggled(who.value, id).join(','))
  const of = computed({ get: () => String(route.query.of ?? ''), set: (name) => void set('of', name) })
  const between = computed({
    get: () => ({ from: String(route.query.from ?? ''), to: String(route.query.to ?? '') }),
    set: (days) => void setAll(days),
  })
  return { text, who, of, between, asked, set, toggle }
}

/** The logbook: matches by day, filtered by people, game, table and words; the address keeps what was asked. */
export function useLogbook() {
  const { text, who, of, between, asked, set, toggle } = useLogbookQuestion()
  const people = shallowRef<readonly Person[]>([])
  const tables = shallowRef<readonly string[]>([])
  const matches = shallowRef<readonly ListedMatch[]>([])
  const series = shallowRef<readonly Series[]>([])
  const weeks = shallowRef<readonly Week[] | null>(null)
  const total = ref(0)
  const next = ref<string | null>(null)
  const ready = ref(false)
  const failed = ref<string | null>(null)
  const chosen = computed(() => who.value.flatMap((id) => people.value.filter((person) => person.id === id)))

  let newest = ''
  async function load() {
    const query = asked.value
    newest = query
    try {
      const [page, played] = await Promise.all([
        callApi(`/api/logbook?${query}`),
        who.value.length > 1 ? callApi(`/api/logbook/series?${query}`) : { series: [] },
      ])
      // What was asked for meanwhile counts.
      if (newest !== query) return
      matches.value = page.matches
      next.value = page.next
      total.value = page.total ?? page.matches.length
      series.value = played.series
      failed.value = null
      ready.value = true
      if (weeks.value) await loadWeeks()
    } catch (error) {
      failed.value = saysOf(error)
    }
  }
  async function loadWeeks() {
    weeks.value = (await callApi(`/api/logbook/weeks?${asked.value}`)).weeks
  }
  async function more() {
    if (!next.value) return
    const page = await callApi(`/api/logbook?${asked.value}&before=${encodeURIComponent(next.value)}`)
    matches.value = [...matches.value, ...page.matches]
    next.value = page.next
  }
  onMounted(async () => {
    await load()
    try {
      people.value = (await callApi('/api/people')).people
      tables.value = (await callApi('/api/logbook/tables')).tables
    } catch (error) {
      failed.value = saysOf(error)
    }
  })
  watchDebounced(asked, load, { debounce: 200 })

  const days = computed(() => byDay(matches.value))
  return {
    ...{ people, tables, chosen, text, of, between, asked, days, series, weeks, total, next, ready, failed },
    ...{ load, loadWeeks, more, set, toggle },
  }
}

/** Matches under the day on which they were played last, in their order. */
function byDay(matches: readonly ListedMatch[]) {
  const found: { day: string; matches: ListedMatch[] }[] = []
  for (const match of matches) {
    const day = longDay(match.updatedAt)
    const newest = found.at(-1)
    if (newest?.day === day) newest.matches.push(match)
    else found.push({ day, matches: [match] })
  }
  return found
}
