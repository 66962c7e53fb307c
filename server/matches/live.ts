import { EventEmitter } from 'node:events'
import type { Asked } from '#core/kernel/predictions'
import type { ListedMatch, Recorded, RoomSession, Summary, ToldClock } from '#shared/api'

type Change =
  | { readonly kind: 'recorded'; readonly match: string; readonly recorded: Recorded; readonly summary: Summary }
  /** `elsewhere`: by another server on the same database. */
  | { readonly kind: 'clock'; readonly match: string; readonly clock: ToldClock; readonly elsewhere?: true }
  | { readonly kind: 'made' | 'renamed'; readonly match: string; readonly listed: ListedMatch }
  | { readonly kind: 'asked'; readonly match: string; readonly asked: readonly Asked[] }
  /** Several at once: whoever shows a list asks for it anew. */
  | { readonly kind: 'many'; readonly match: string }
  /** `help`: the drawing on the second screen; `helpers`: somebody who helped at this match may do so no more, or helps at the next one. */
  | { readonly kind: 'removed' | 'board' | 'help' | 'helpers'; readonly match: string }

const emitter = new EventEmitter()
// A class may follow with every device in the room; the default warning at 11 is not meant for that.
emitter.setMaxListeners(0)

export function tell(change: Change): void {
  emitter.emit('change', change)
  emitter.emit(`match:${change.match}`, change)
}

/** Calls `hear` for every change, of one match or of all; returns how to stop. */
export function follow(match: string | null, hear: (change: Change) => void): () => void {
  const event = match === null ? 'change' : `match:${match}`
  emitter.on(event, hear)
  return () => emitter.off(event, hear)
}

/** The session of the room changed: its clock, its board's link, its end. */
export function tellRoom(session: RoomSession): void {
  emitter.emit('room', session)
}

/** Calls `hear` whenever a session of the room changes; returns how to stop. */
export function followRoom(hear: (session: RoomSession) => void): () => void {
  emitter.on('room', hear)
  return () => emitter.off('room', hear)
}
