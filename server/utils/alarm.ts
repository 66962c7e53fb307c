/** The longest that a timer of Node's can wait; longer ones ring at once. */
const LONGEST_MS = 2_147_483_647
/** A timer may fire a moment early: the clock is looked at again after this long at least. */
const SOONEST_MS = 1

/** Milliseconds until an alarm is due, by the clock on the wall; 0 or less: now; null: it is off. */
type Left = () => Promise<number | null> | number | null

export interface Alarm {
  /** Sets it anew; resolves once it was looked at, and rung where it was due. */
  readonly set: () => Promise<void>
  readonly off: () => void
}

/**
 * An alarm that rings once it is due by the clock on the wall. Timers go by another clock: when one fires while there is
 * still something left (the wall clock was set back, or the timer was a millisecond early), it is set again.
 */
export function makeAlarm(left: Left, ring: () => Promise<void>): Alarm {
  let timer: NodeJS.Timeout | undefined
  let round = 0

  async function look(mine: number): Promise<void> {
    const ms = await left()
    if (mine !== round || ms === null) return
    if (ms <= 0) return ring()
    timer = setTimeout(() => void look(mine).catch(console.error), Math.min(Math.max(ms, SOONEST_MS), LONGEST_MS))
    timer.unref()
  }

  /** Turns it off. */
  function off(): void {
    round++
    clearTimeout(timer)
  }

  /** Sets it anew. */
  async function set(): Promise<void> {
    off()
    await look(round)
  }

  return { set, off }
}
