import { callApi } from '~/utils/api'
import type { MatchStore } from '~/stores/match'

/** Whether the children play on their own at a match, and changing it: every device at the table follows. */
export function useVeil(store: MatchStore) {
  const busy = ref(false)
  const on = computed(() => store.match?.veiled ?? false)

  async function turn() {
    if (!store.match || busy.value) return
    busy.value = true
    try {
      await callApi(`/api/matches/${store.match.id}`, 'PATCH', { veiled: !on.value })
    } catch (error) {
      store.refusal = saysOf(error)
    } finally {
      busy.value = false
    }
  }
  return { on, turn }
}
