import type { MatchStore } from '~/stores/match'

/** Who begins is drawn by lot, as long as nobody has played: everybody has the same chance, whoever was to begin before. */
export function useLots(store: MatchStore) {
  const { busy, doing } = useDoing()

  async function draw() {
    const seats = store.match?.seats.length
    if (!seats) return
    const [chance] = crypto.getRandomValues(new Uint32Array(1))
    await doing(() => store.change({ first: 1 + Math.floor((chance! / 2 ** 32) * seats) }))
  }
  return { busy, draw }
}
