import type { MatchStore } from '~/stores/match'

/** Whether the children play on their own at a match, and changing it: every device at the table follows. */
export function useVeil(store: MatchStore) {
  const { doing } = useDoing()
  const on = computed(() => store.match?.veiled ?? false)

  const turn = async () => store.match && doing(() => store.change({ veiled: !on.value }))
  return { on, turn }
}
