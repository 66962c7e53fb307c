/** What the keeper of a school sees of a room. */
export interface SchoolRoom {
  /** Its code: part of links and of helpers' codes, no secret. */
  readonly id: string
  readonly name: string
  readonly createdAt: string
  /** When somebody was let in last; null where nobody ever was. */
  readonly usedAt: string | null
  readonly closed: boolean
}

/** How much is kept in a room; nobody's name. */
export interface RoomHolds {
  readonly people: number
  readonly matches: number
  /** When something was recorded last. */
  readonly playedAt: string | null
}

/** Some rooms as they are listed, with what each holds. */
export interface RoomsListed {
  readonly rooms: readonly (SchoolRoom & { readonly holds: RoomHolds })[]
  /** How many there are in all. */
  readonly of: number
}

/** A room with its passcode, which is told this once. */
export interface RoomMade {
  readonly room: SchoolRoom
  readonly passcode: string
}
