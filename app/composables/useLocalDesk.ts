import type { Tape } from '#core/kernel/tape'
import { provideDesk, type DeskParts } from '~/composables/useDesk'
import type { Members } from '~/composables/useMembers'
import type { Seat } from '#shared/api'

/** Everybody sits alone: nobody is called, and plays name no member. */
const NO_MEMBERS: Members = {
  sideAt: () => undefined,
  at: () => null,
  nameAt: () => null,
  call: () => {},
  another: () => {},
  order: () => {},
  named: (play) => play,
}

/** Seats of those who sit nowhere but here: no people, each with a pennant of its own. */
export const seatedAs = (players: readonly string[]): readonly Seat[] =>
  players.map((name, i) => ({ name, pennant: i + 1, personId: null }))

/** A desk whose plays go nowhere but to `commit`: no match is kept, no second screen follows, nobody else looks. */
export function useLocalDesk(parts: {
  readonly tape: () => Tape | null
  readonly seats: () => readonly Seat[]
  readonly still: () => boolean
  readonly commit: DeskParts['commit']
}) {
  return provideDesk({
    ...parts,
    entry: shallowRef<unknown>(null),
    note: () => {},
    helping: () => false,
    members: NO_MEMBERS,
    alone: () => false,
    showHelp: () => {},
  })
}
