import type { InjectionKey, Ref } from 'vue'
import type { ShownBoard } from '#shared/api'

/** Milliseconds that other seats are looked at while nothing is played. */
const LOOK_MS = 7000

const SHOWN: InjectionKey<Ref<readonly number[]>> = Symbol('seats shown')

/** Whether a seat (from 1) is in the picture: on a board those shown, everywhere else all of them. */
export function useSeatShown(): (seat: number) => boolean {
  const shown = inject(SHOWN, null)
  return (seat) => shown?.value.includes(seat) ?? true
}

/**
 * Decides for the layouts below which seats a board shows, from 1, where not all of them fit large enough to be read: those around whoever played last,
 * and while nothing happens the others one group after another (not where motion is not wished).
 */
export function provideSeatsShown(board: () => ShownBoard | null, each: () => number | undefined): void {
  const groups = computed<readonly (readonly number[])[]>(() => {
    const seats = (board()?.seats ?? []).map((_, i) => i + 1)
    const size = each() ?? seats.length
    // As even as can be: four and four, and not seven and one.
    const count = Math.max(1, Math.ceil(seats.length / Math.max(1, size)))
    const even = Math.ceil(seats.length / count)
    return Array.from({ length: count }, (_, i) => seats.slice(even * i, even * (i + 1)))
  })
  const home = computed(() => {
    const now = board()
    const seat = now?.newest?.by ?? now?.turn[0] ?? 1
    return Math.max(
      0,
      groups.value.findIndex((group) => group.includes(seat)),
    )
  })
  const at = ref(0)
  const calm = usePreferredReducedMotion()
  const turning = useIntervalFn(() => {
    if (calm.value !== 'reduce') at.value = (at.value + 1) % groups.value.length
  }, LOOK_MS)
  watch(
    () => [board()?.last, home.value],
    () => {
      at.value = home.value
      turning.pause()
      turning.resume()
    },
    { immediate: true },
  )
  const shown = computed(() => groups.value[at.value] ?? groups.value[0] ?? [])
  provide(SHOWN, shown)
}
