import { toggled } from '#core/basics/lists'
import type { ListedMatch } from '#shared/api'
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
  // What is typed is asked for once nothing more comes for a moment.
  const query = refDebounced(asked, 200)
  const { told, failed: unfound, load } = useAnswer(() => pageOf(asked.value, who.value.length > 1), query)
  const { people, failed: nobody } = usePeople()
  const { told: named, failed: unnamed } = useAnswer(() => callApi('/api/logbook/tables'))
  const chosen = computed(() => who.value.flatMap((id) => people.value.filter((person) => person.id === id)))

  const { failed: stuck, doing } = useDoing()
  const more = () =>
    doing(async () => {
      const before = told.value
      if (!before?.next) return
      const page = await callApi(`/api/logbook?${asked.value}&before=${encodeURIComponent(before.next)}`)
      // What was asked for meanwhile counts.
      if (told.value !== before) return
      told.value = { ...before, matches: [...before.matches, ...page.matches], next: page.next }
    })

  const days = computed(() => byDay(told.value?.matches ?? []))
  const found = {
    days,
    series: computed(() => told.value?.series ?? []),
    total: computed(() => told.value?.total ?? 0),
    next: computed(() => told.value?.next ?? null),
    ready: computed(() => told.value !== null),
    tables: computed(() => named.value?.tables ?? []),
    failed: computed(() => unfound.value ?? stuck.value ?? nobody.value ?? unnamed.value),
  }
  return { ...{ people, chosen, text, of, between, asked, load, more, set, toggle }, ...found, ...useWeeks(query) }
}

/** A page of what is asked for, the newest first, and series where it is of several people. */
async function pageOf(query: string, ofSeveral: boolean) {
  const [page, played] = await Promise.all([
    callApi(`/api/logbook?${query}`),
    ofSeveral ? callApi(`/api/logbook/series?${query}`) : { series: [] },
  ])
  return { ...page, series: played.series, total: page.total ?? page.matches.length }
}

/** How it went over the weeks: asked for once somebody wants to see it. */
function useWeeks(query: Ref<string>) {
  const wanted = ref(false)
  const ask = async () => (wanted.value ? (await callApi(`/api/logbook/weeks?${query.value}`)).weeks : null)
  const { told, failed } = useAnswer(
    ask,
    computed(() => [wanted.value, query.value].join()),
  )
  const weeks = computed(() => (wanted.value ? told.value : null))
  const showWeeks = () => (wanted.value = !wanted.value)
  return { weeks, showWeeks, withoutWeeks: failed }
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
