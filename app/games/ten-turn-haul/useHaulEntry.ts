import { ofSeat } from '#core/kit/seats'
import { tenTurnHaul } from '#core/games/ten-turn-haul/index'
import type { Spin } from '#core/games/ten-turn-haul/rules'

/** A spin half entered. */
export interface HaulEntry {
  readonly value: number | null
}

/** The pad's state of Ten-Turn Haul. */
export function useHaulEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(tenTurnHaul)
  const entry = useEntry<HaulEntry>(() => ({ value: null }))
  const total = computed(() => ofSeat(state.value.totals, seat.value) + (entry.value.value ?? 0))
  const play = computed<Spin | null>(() =>
    entry.value.value === null ? null : { do: 'spin', by: seat.value, value: entry.value.value },
  )
  const spin = (value: number | null) => (entry.value = { value })
  return { entry, rules, state, total, play, spin }
}
