import { mannerOf } from '#core/contract/commonRules'

/** What counts of answers and explaining for a seat; for the one on turn where none is given. */
export function useManner(seat?: () => number | undefined) {
  const desk = useDesk()
  return computed(() => {
    const manner = mannerOf(desk.tape.value!.state.rules, seat?.() ?? desk.seat.value)
    // On their own the children are asked whatever the table makes of an answer.
    return desk.alone.value && manner.answers === 'off' ? { ...manner, answers: 'noted' as const } : manner
  })
}
