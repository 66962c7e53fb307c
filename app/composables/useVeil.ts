import type { MatchStore } from '~/stores/match'

/** Whether the children play on their own at a match, and changing it: every device at the table follows. */
export function useVeil(store: MatchStore) {
  const busy = ref(false)
  const on = computed(() => store.match?.veiled ?? false)

  async function turn() {
    if (!store.match || busy.value) return
    busy.value = true
    await store.change({ veiled: !on.value })
    busy.value = false
  }
  return { on, turn }
}
