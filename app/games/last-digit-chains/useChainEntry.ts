import { ofSeat } from '#core/kit/seats'
import { lastDigitChains } from '#core/games/last-digit-chains/index'
import { endOf, needs, nextFan, takesOf, toFans, type Redeal, type Take } from '#core/games/last-digit-chains/rules'

/** What is half entered: whose layout, the fan touched, and the digits of a redeal as they are typed (null while none is entered). */
export interface ChainEntry {
  readonly seat: number
  readonly fan: number | null
  readonly dealing: string | null
}

/** What is touched at the table: a fan, a row, or both at once where a top is dragged. */
export type ChainTouch =
  { fan: number; row?: undefined } | { fan?: undefined; row: number } | { fan: number; row: number }

/** What table and pad of Last-Digit Chains share. */
export function useChainEntry() {
  const desk = useDesk()
  const { tape, rules, state } = useTable(lastDigitChains)
  const going = computed(() =>
    state.value.layouts.flatMap((layout, i) => (endOf(rules.value, layout) === null ? [i + 1] : [])),
  )
  const { usual, remember } = useLayoutSeat(
    () => tape.value.table,
    () => going.value,
  )
  const entry = useEntry<ChainEntry>(() => ({ seat: usual.value, fan: null, dealing: null }))
  const layout = computed(() => ofSeat(state.value.layouts, entry.value.seat))
  const takes = computed(() => (endOf(rules.value, layout.value) === null ? takesOf(rules.value, layout.value) : []))
  const stuck = computed(() => endOf(rules.value, layout.value) === null && !takes.value.length)
  /** What each row needs now. */
  const needed = computed(() => needs(rules.value, layout.value))
  const left = computed(() => layout.value.fans.flat())
  const size = computed(() => nextFan(rules.value, layout.value))
  const redeal = computed<Redeal | null>(() => {
    const { seat, dealing } = entry.value
    return dealing === null ? null : { do: 'redeal', by: seat, fans: toFans([...dealing].map(Number), size.value) }
  })

  function sit(seat: number) {
    remember(seat)
    entry.value = { seat, fan: null, dealing: null }
  }
  /** A fan touched: its top goes where it fits; where several rows do, or none, the row is touched next. */
  function touchFan(fan: number): Take | null {
    const { seat } = entry.value
    remember(seat)
    const fits = takes.value.filter((take) => take.fan === fan)
    // On their own the row is theirs to find, also where only one takes it.
    if (fits.length === 1 && !desk.veiled.value) return { do: 'take', by: seat, fan, row: fits[0]!.row }
    entry.value = { seat, fan: entry.value.fan === fan ? null : fan, dealing: null }
    return null
  }
  const rowFor = (row: number): Take | null =>
    entry.value.fan === null ? null : { do: 'take', by: entry.value.seat, fan: entry.value.fan, row }
  const deal = (dealing: string | null) => (entry.value = { seat: entry.value.seat, fan: null, dealing })
  function clear() {
    entry.value = { seat: entry.value.seat, fan: null, dealing: null }
    desk.enter(null)
  }
  // Touching a player’s name goes to their layout.
  watch(desk.chosen, (seat) => seat !== null && sit(seat))

  return {
    entry,
    rules,
    state,
    going,
    layout,
    takes,
    stuck,
    needed,
    left,
    size,
    redeal,
    sit,
    touchFan,
    rowFor,
    deal,
    clear,
  }
}
