import { EventEmitter } from 'node:events'
import type { Asked } from '#core/kernel/predictions'
import type { ListedMatch, Recorded, RoomSession, Summary, ToldClock } from '#shared/api'
import { keyHere } from '../school/here'

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
  emitter.emit('change anywhere', change)
  emitter.emit(keyHere('change'), change)
  emitter.emit(keyHere(`match:${change.match}`), change)
}

function listen<T>(event: string, hear: (told: T) => void): () => void {
  emitter.on(event, hear)
  return () => emitter.off(event, hear)
}

/** Calls `hear` for every change in this room, of one match or of all; returns how to stop. */
export const follow = (match: string | null, hear: (change: Change) => void): (() => void) =>
  listen(keyHere(match === null ? 'change' : `match:${match}`), hear)

/** Whether anybody in this room follows a match, or all of them. */
export const isFollowed = (match: string): boolean =>
  emitter.listenerCount(keyHere(`match:${match}`)) + emitter.listenerCount(keyHere('change')) > 0

/** The same for every room; `hear` is called in the room of the change. */
export const followEverywhere = (hear: (change: Change) => void): (() => void) => listen('change anywhere', hear)

/** The session of the room changed: its clock, its board's link, its end. */
export function tellRoom(session: RoomSession): void {
  emitter.emit('room anywhere', session)
  emitter.emit(keyHere('room'), session)
}

/** Calls `hear` whenever a session of this room changes; returns how to stop. */
export const followRoom = (hear: (session: RoomSession) => void): (() => void) => listen(keyHere('room'), hear)

/** The same for every room; `hear` is called in the room of the change. */
export const followRooms = (hear: (session: RoomSession) => void): (() => void) => listen('room anywhere', hear)
