import type { Table } from '#core/contract/table'

/** Whose layout was worked at last: the next play is likely theirs too. */
const lately = ref<{ match: string; seat: number } | null>(null)

/** Side by side: the seat whose layout is worked at, the last one that goes on (`going`), and remembering another. */
export function useLayoutSeat(table: () => Table, going: () => readonly number[]) {
  /** What tells this match from others: who plays, and what was laid out. */
  const match = computed(() => JSON.stringify([table().players, table().opening]))
  const usual = computed(() => {
    const last = lately.value?.match === match.value ? lately.value.seat : null
    return last && going().includes(last) ? last : (going()[0] ?? 1)
  })
  const remember = (seat: number) => (lately.value = { match: match.value, seat })
  return { usual, remember }
}
