import type { MatchStore } from '~/stores/match'
import { callApi } from '~/utils/api'

/** Who begins is drawn by lot, as long as nobody has played: everybody has the same chance, whoever was to begin before. */
export function useLots(store: MatchStore) {
  const busy = ref(false)

  async function draw() {
    const { match } = store
    if (!match || busy.value) return
    busy.value = true
    const [chance] = crypto.getRandomValues(new Uint32Array(1))
    try {
      await callApi(`/api/matches/${match.id}`, 'PATCH', {
        first: 1 + Math.floor((chance! / 2 ** 32) * match.seats.length),
      })
    } catch (error) {
      store.refusal = saysOf(error)
    } finally {
      busy.value = false
    }
  }
  return { busy, draw }
}
