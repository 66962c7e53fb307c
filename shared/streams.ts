import type { Asked } from '#core/kernel/predictions'
import type { ListedMatch, Recorded, RoomSession, StoredMatch, Summary, ToldClock, ToldRoomClock } from './api'

/**
 * What each stream of server-sent events tells: the kinds of its events, and what comes with each. Both ends are typed by it; what
 * comes is not read by a shape besides, since a page follows only the server that it came from.
 */

type Nothing = Readonly<Record<string, never>>
interface OfMatch {
  readonly match: string
}

export interface Followed {
  /** The stream stands, and is still there. */
  readonly here: Nothing
}

/** `/api/live`: all matches, and how the session of the room goes. */
export interface RoomStream extends Followed {
  readonly recorded: OfMatch & { readonly last: number; readonly summary: Summary; readonly at: string }
  readonly clock: OfMatch & { readonly clock: ToldClock }
  readonly made: ListedMatch
  readonly renamed: ListedMatch
  readonly removed: OfMatch
  /** Several at once: whoever shows a list asks for it anew. */
  readonly many: Nothing
  readonly room: RoomSession
}

/** `/api/matches/:id/live`: one match. */
export interface MatchStream extends Followed {
  readonly recorded: Recorded
  readonly clock: ToldClock
  readonly asked: { readonly asked: readonly Asked[] }
  readonly removed: Nothing
  /** What of a match can be changed while it is played. */
  readonly renamed: Pick<StoredMatch, 'name' | 'seats' | 'veiled' | 'first'>
  /** The clock of the room; null once its session has ended. */
  readonly room: { readonly room: ToldRoomClock | null }
  /** To a helper: the table plays again, there. */
  readonly moved: OfMatch
  /** To a helper who may record no more, and whether the session's end is why. */
  readonly 'let-go': { readonly ended: boolean }
}

/** `/api/boards/:token/live`, `/api/room/boards/:token/live`: one board. */
export interface BoardStream<Shown> extends Followed {
  readonly board: Shown
  /** What it showed was deleted, or its link leads elsewhere now. */
  readonly gone: Nothing
}
