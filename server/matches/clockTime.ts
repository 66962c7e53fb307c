import type { ClockState, RoomClockState, ToldClock, ToldRoomClock } from '#shared/api'

/** A clock with this server's time, as pages get it. */
export function toldClock(clock: ClockState): ToldClock {
  return { ...clock, now: Date.now() }
}

export const toldRoomClock = (clock: RoomClockState): ToldRoomClock => ({ ...clock, now: Date.now() })

/** Milliseconds used by `now`. */
export function usedBy({ used, since }: ClockState, now: number): number {
  return since === null ? used : used + Math.max(0, now - since)
}
