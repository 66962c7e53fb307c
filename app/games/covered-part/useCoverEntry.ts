import { combined } from '#core/kit/dice'
import { coveredPart as game } from '#core/games/covered-part/index'
import type { Hide } from '#core/games/covered-part/rules'

/** A hide half entered: the parts so far, and the total announced where it was another than the right one. */
export interface CoverEntry {
  readonly parts: readonly number[]
  readonly announced?: string
}

/** What table and pad of Covered Part share. */
export function useCoverEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(game)
  const entry = useEntry<CoverEntry>(() => ({ parts: [] }))

  const total = computed(() => combined(entry.value.parts, rules.value.combine).equals)
  const announced = computed(() => (entry.value.announced ? Number(entry.value.announced) : total.value))
  const complete = computed(() => entry.value.parts.length === 2)

  function add(part: number) {
    if (!complete.value) entry.value = { parts: [...entry.value.parts, part] }
  }
  function remove(at: number) {
    entry.value = { parts: entry.value.parts.filter((_, i) => i !== at) }
  }
  const announce = (text: string) => (entry.value = { parts: entry.value.parts, ...(text ? { announced: text } : {}) })
  const hide = (covered: 1 | 2): Hide => ({
    do: 'hide',
    by: seat.value,
    parts: [entry.value.parts[0]!, entry.value.parts[1]!],
    covered,
    announced: announced.value,
  })

  return { entry, rules, state, total, announced, complete, add, remove, announce, hide }
}
