import { combined } from '#core/kit/dice'
import { topTotal } from '#core/games/top-total/index'
import type { Roll } from '#core/games/top-total/rules'

/** A roll half entered: the faces so far. */
export interface TopEntry {
  readonly dice: readonly number[]
}

/** The pad's state of Top Total. */
export function useTopEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(topTotal)
  const entry = useEntry<TopEntry>(() => ({ dice: [] }))

  const left = computed(() => rules.value.dice - entry.value.dice.length)
  const result = computed(() => combined(entry.value.dice, rules.value.combine).equals)
  const play = computed<Roll | null>(() =>
    left.value === 0 ? { do: 'roll', by: seat.value, dice: entry.value.dice } : null,
  )

  function add(face: number) {
    if (left.value > 0) entry.value = { dice: [...entry.value.dice, face] }
  }
  function remove(at: number) {
    entry.value = { dice: entry.value.dice.filter((_, i) => i !== at) }
  }

  return { entry, rules, state, left, result, play, add, remove }
}
