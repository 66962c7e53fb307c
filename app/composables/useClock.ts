import type { ToldClock, ToldRoomClock } from '#shared/api'

/** A match's clock as it is shown: ticking on this device, after the server's time. */
export function useClock(clock: () => ToldClock, minutes: () => number | null) {
  const now = useNow({ interval: 500 })

  const running = computed(() => clock().since !== null)
  /** Milliseconds left; null without a clock. */
  const left = computed(() => {
    const length = minutes()
    if (length === null) return null
    const { used, since, behind = 0 } = clock()
    const passed = since === null ? used : used + Math.max(0, now.value.getTime() + behind - since)
    return Math.max(0, length * 60_000 - passed)
  })
  const text = computed(() => {
    if (left.value === null) return ''
    const seconds = Math.ceil(left.value / 1000)
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
  })
  /** The last minute: said calmly, not flashed. */
  const nearEnd = computed(() => left.value !== null && left.value < 60_000)

  return { running, left, text, nearEnd }
}

/** The clock of the room as it is shown; without one nothing is left to tell. */
export const useRoomClock = (clock: () => ToldRoomClock | null | undefined) =>
  useClock(
    () => clock() ?? { used: 0, since: null, now: 0 },
    () => clock()?.minutes ?? null,
  )
