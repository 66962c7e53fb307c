import { placeStrike } from '#core/games/place-strike/index'
import { matches } from '#core/games/place-strike/rules'

/** A roll half entered. */
export interface StrikeEntry {
  readonly digit: number | null
  readonly place: number | null
}

/** What table and pad of Place Strike share. */
export function useStrikeEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(placeStrike)
  const entry = useEntry<StrikeEntry>(() => ({ digit: null, place: null }))
  const rolled = computed(() => {
    const { digit, place } = entry.value
    return digit === null || place === null ? null : { digit, place }
  })
  /** The numbers that match: lit up only on request, since children look first. */
  const lit = useState('place-strike-lit', () => false)
  const found = computed(() =>
    lit.value && rolled.value ? matches(state.value, seat.value, rolled.value.digit, rolled.value.place) : [],
  )
  const change = (to: Partial<StrikeEntry>) => (entry.value = { ...entry.value, ...to })
  watch([() => state.value, entry], () => (lit.value = false))

  return { seat, entry, rules, state, rolled, found, lit, change }
}
