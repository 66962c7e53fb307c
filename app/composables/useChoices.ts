import { toggled } from '#core/basics/lists'
import { isChosen, type ChoiceFilter } from '#core/catalogue/choices'
import { ABOUTS } from '#core/games/abouts'
import type { Choice, Person } from '#shared/people'
import { callApi } from '~/utils/api'

const FILTERS: readonly ChoiceFilter[] = ['all', 'not-yet', 'only-once']

/** Who has played what how often; whom it is about and what is filtered stand in the address. */
export function useChoices() {
  const { route, set } = useAddress()
  const { told, failed, load } = useAnswer(() => Promise.all([callApi('/api/people'), callApi('/api/choices')]))
  const ready = computed(() => told.value !== null)
  const people = computed<readonly Person[]>(() => told.value?.[0].people ?? [])
  const choices = computed<readonly Choice[]>(() => told.value?.[1].choices ?? [])

  const filter = computed(() => FILTERS.find((each) => each === route.query.show) ?? 'all')
  const asked = computed(() => String(route.query.who ?? '').split(','))
  /** Whom it is about: those touched, else everybody. */
  const chosen = computed(() => people.value.filter(({ id }) => asked.value.includes(id)))
  const shown = computed(() => (chosen.value.length ? chosen.value : people.value))

  const byBoth = computed(() => new Map(choices.value.map((choice) => [`${choice.person} ${choice.game}`, choice])))
  const of = (person: string, game: string) => byBoth.value.get(`${person} ${game}`)
  const rows = computed(() =>
    ABOUTS.map(({ id, about }) => ({
      id,
      about,
      cells: shown.value.map((person) => ({ person, choice: of(person.id, id) })),
    })).filter(({ cells }) =>
      isChosen(
        filter.value,
        cells.map(({ choice }) => choice?.times ?? 0),
      ),
    ),
  )

  const show = (value: ChoiceFilter) => set('show', value === 'all' ? '' : value)
  function toggle({ id }: Person) {
    const now = chosen.value.map((person) => person.id)
    return set('who', toggled(now, id).join(','))
  }
  return { people, shown, chosen, rows, filter, ready, failed, load, show, toggle }
}
