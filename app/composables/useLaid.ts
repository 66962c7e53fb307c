/**
 * What lies in a drawing to find an answer with: the first `laid` places, but for those that somebody filled or emptied
 * since. Another rung of help begins anew.
 */
export function useLaid(laid: () => number, drawing: () => unknown) {
  const own = ref<ReadonlyMap<number, boolean>>(new Map())
  watch([laid, drawing], () => (own.value = new Map()))
  const isThere = (place: number) => own.value.get(place) ?? place < laid()
  const toggle = (place: number) => (own.value = new Map(own.value).set(place, !isThere(place)))
  return { isThere, toggle }
}
