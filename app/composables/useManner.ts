import { mannerOf } from '#core/contract/commonRules'

/** What counts of answers and explaining for a seat; for the one on turn where none is given. */
export function useManner(seat?: () => number | undefined) {
  const desk = useDesk()
  return computed(() => mannerOf(desk.tape.value!.state.rules, seat?.() ?? desk.seat.value))
}
