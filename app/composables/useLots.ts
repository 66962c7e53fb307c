import type { MatchStore } from '~/stores/match'

/** Who begins is drawn by lot, as long as nobody has played: everybody has the same chance, whoever was to begin before. */
export function useLots(store: MatchStore) {
  const busy = ref(false)

  async function draw() {
    if (!store.match || busy.value) return
    busy.value = true
    const [chance] = crypto.getRandomValues(new Uint32Array(1))
    await store.change({ first: 1 + Math.floor((chance! / 2 ** 32) * store.match.seats.length) })
    busy.value = false
  }
  return { busy, draw }
}
