import type { BoardPicture } from '#core/board/board'
import type { Awaits, NumberFact } from '#core/contract/game'
import type { How } from '#core/contract/plays'
import type { Result } from '#core/contract/table'
import type { MemberOrder } from '#core/kernel/members'
import type { Asked, AskedRoom } from '#core/kernel/predictions'
import type { ShownHelp } from '#core/mastery/ladder'
import type { Person } from './people'

/** The shapes of the server's answers, as both sides use them. Shapes of requests are in shared/requests.ts. */

export interface Seat {
  readonly name: string
  readonly pennant: number
  readonly personId: string | null
  /** The members, where the seat is a side. */
  readonly members?: readonly string[] | null
  /** How the members follow each other; by turns where left out. */
  readonly memberOrder?: MemberOrder
  /** The member whom the referee called, in place of the one whose turn it would be. */
  readonly called?: CalledMember | null
}

/** A member (from 1) called by the referee, for the play after `played` plays. */
export interface CalledMember {
  readonly who: number
  readonly played: number
}

/** A match's clock: milliseconds used up to the last pause, and when it was started since (epoch, the server's time). */
export interface ClockState {
  readonly used: number
  readonly since: number | null
  /** The match rests until later: since when (ISO 8601), and whether the clock ran then. Left out while it is played. */
  readonly paused?: { readonly at: string; readonly ran: boolean } | null
}

/** A clock as pages get it: with the server's time, so that devices whose own clocks differ agree. */
export interface ToldClock extends ClockState {
  readonly now: number
  /** How far this device's own time is behind the server's, in milliseconds; added where it is received. */
  readonly behind?: number
}

/** The clock of the whole room: its length in minutes (null before one is set), and whether it ran out and time was called. */
export interface RoomClockState extends ClockState {
  readonly minutes: number | null
  readonly called: boolean
}

/** The room's clock with the server's time. */
export interface ToldRoomClock extends ToldClock, RoomClockState {}

/** A stretch of play in the room. */
export interface RoomSession {
  readonly id: string
  readonly createdAt: string
  readonly endedAt: string | null
  /** Who knows it may see the board of the whole room. */
  readonly board: string
  readonly clock: ToldRoomClock
}

/** A session that has ended, in a list. */
export interface PastSession {
  readonly id: string
  readonly createdAt: string
  readonly endedAt: string
  readonly matches: number
}

/** A device that may record at one table. */
export interface Helper {
  readonly id: string
  readonly createdAt: string
  /** When its code was given; null before. */
  readonly cameAt: string | null
}

/** The time zone by whose clocks days and weeks go: set for the room, or else the server's own. */
export interface Zone {
  readonly zone: string
  readonly own: boolean
}

/** Who asks: whether a passcode is needed here, whether it was given, and the one match that this device helps at. */
export interface Access {
  readonly passcode: boolean
  readonly mayRecord: boolean
  readonly helps: string | null
  /** Whether there are many rooms here, each with a passcode of its own. */
  readonly school: boolean
  /** The room that this device was let into; null where there is one only, or it is in none. */
  readonly room: { readonly id: string; readonly name: string } | null
  /** The room's time zone. */
  readonly zone: string
}

/** One recorded entry as it goes to every page that follows its match. */
export interface Recorded {
  readonly number: number
  readonly id: string
  readonly entry: unknown
  readonly at: string
}

/** How a match was set up. */
export interface SetUp {
  readonly game: string
  /** What the table is called in the room; empty where it has no name. */
  readonly name: string
  readonly houseRules: Record<string, unknown>
  readonly seats: readonly Seat[]
  readonly first: number
  readonly source: 'table' | 'dealt'
  readonly seed: string | number | null
  readonly opening: unknown
  /** The children play on their own: what they are to find is hidden until they have given it. */
  readonly veiled: boolean
}

/** A match as a page needs it: how it was set up and everything recorded. */
export interface StoredMatch extends SetUp {
  readonly id: string
  readonly createdAt: string
  readonly last: number
  readonly clock: ToldClock
  /** The session of the room that it belongs to, and the room's clock while that goes on. */
  readonly session: string | null
  readonly room: ToldRoomClock | null
  /** Who knows it may see this match's board; empty for a helper. */
  readonly board: string
  /** What the room was asked before chance spoke. */
  readonly asked: readonly Asked[]
  readonly entries: readonly Recorded[]
}

/** What the list of matches shows of one. */
export interface Summary {
  readonly standing: readonly number[]
  readonly awaits: Awaits | null
  /** The newest thing that happened, in words; empty before the first entry. */
  readonly line: string
  /** The newest entry doesn't stand, or leaves something to decide: the referee is needed. */
  readonly slip: boolean
  /** `Round 2 of 5`; empty in games that count none. */
  readonly round: string
  /** Length of the clock in minutes under the rules in force. */
  readonly minutes: number | null
  readonly timeCalled: boolean
  readonly result: Result | null
}

export interface ListedMatch {
  readonly id: string
  readonly session: string | null
  readonly game: string
  readonly name: string
  readonly houseRules: Record<string, unknown>
  readonly last: number
  readonly over: boolean
  readonly first: number
  readonly veiled: boolean
  readonly summary: Summary
  readonly clock: ToldClock
  readonly createdAt: string
  readonly updatedAt: string
  readonly seats: readonly Seat[]
}

/** What appending answers; the same entry again gets the same answer. */
export interface Appended {
  readonly number: number
  readonly stands: boolean
  readonly reason: string | null
  readonly recorded: Recorded
}

/** Everything that a board view gets. */
export interface Board extends BoardPicture {
  /** The drawing that is worked on now. */
  readonly help: ShownHelp | null
  /** What the room was asked, until somebody has played on from what came. */
  readonly asked: AskedRoom | null
  readonly clock: ToldClock
}

/** A board as it is drawn: what its clock tells stands apart. */
export type ShownBoard = Omit<Board, 'clock'>

/** One table as the board of the room shows it: nothing of what was answered or lies there. */
export interface RoomBoardTable {
  readonly id: string
  readonly name: string
  readonly title: string
  readonly round: string
  readonly seats: readonly {
    readonly name: string
    readonly pennant: number
    readonly score: number
    readonly won: boolean
    readonly turn: boolean
  }[]
  /** The referee is needed there. */
  readonly needs: boolean
  readonly timeCalled: boolean
  readonly over: boolean
  /** Who won, in words; empty before. */
  readonly says: string
}

/** Everything that the board of the room gets. */
export interface RoomBoard {
  readonly tables: readonly RoomBoardTable[]
  readonly clock: ToldRoomClock
  readonly ended: boolean
}

/** Where this server can be reached: by this machine alone, or by others at these addresses. */
export interface Reach {
  readonly local: boolean
  /** Addresses with scheme and port; empty where there is none but this machine's own. */
  readonly addresses: readonly string[]
}

/** House rules of a game under a name. */
export interface NamedRules {
  readonly id: string
  readonly game: string
  readonly name: string
  readonly houseRules: Record<string, unknown>
  /** From 1; other rules under the same name are the next one. */
  readonly version: number
}

/** Matches among the same people, by game: how many, and how many each won, in the order asked for. */
export interface Series {
  readonly game: string
  readonly played: number
  readonly won: readonly number[]
}

/** One week of the logbook, by its Monday. */
export interface Week {
  readonly week: string
  readonly matches: number
  readonly said: number
  readonly right: number
  /** Seconds from one entry to the next, the middle one; null where there is none. */
  readonly pace: number | null
}

/** What a child did on a day. */
export interface DayChild {
  readonly person: Person
  readonly matches: number
  readonly won: number
  /** Number facts of the squares practised, and longer sums apart; of all of them said aloud, and of those right. */
  readonly facts: number
  readonly longer: number
  readonly said: number
  readonly right: number
  /** Shaky facts, by key. */
  readonly shaky: readonly string[]
}

/** A day in one page. */
export interface Day {
  readonly matches: readonly ListedMatch[]
  readonly children: readonly DayChild[]
  readonly remarks: readonly { readonly match: string; readonly why: string }[]
}

/** A fact with the ways that were told to it, the most often told first. */
export interface ToldWay {
  readonly operation: NumberFact['operation']
  /** Of sums and products the larger first: 7 + 6 and 6 + 7 are one. */
  readonly terms: readonly number[]
  readonly answer: number
  readonly ways: readonly {
    readonly how: How
    readonly times: number
    /** Who told it; empty unless names were wished, or where only guests did. */
    readonly names: readonly string[]
  }[]
}

export type UndoableKind = 'match' | 'merge' | 'forget'

/** Something that was done and can be taken back for a day. */
export interface Undoable {
  readonly id: string
  readonly kind: UndoableKind
  /** What was done, in a sentence. */
  readonly says: string
  /** ISO 8601. */
  readonly at: string
}
