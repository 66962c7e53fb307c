import type { Game } from '#core/contract/game'
import { addEntry, type Tape } from '#core/kernel/tape'
import type { Recorded, StoredMatch, ToldClock, ToldRoomClock } from '#shared/api'
import type { MatchStream } from '#shared/streams'
import { loadView } from '~/games'
import type { Outbox } from '~/stores/outbox'
import { heardClock } from '~/utils/clocks'
import { keepCopy } from '~/utils/copies'
import { copyOf } from '~/utils/copyOf'
import { tapeOf } from '~/utils/tapes'

/** What this device has of a match: what the server has acknowledged, and the tape into which that and what waits fold. */
export function holdMatch(id: string, outbox: () => Outbox) {
  const match = shallowRef<StoredMatch | null>(null)
  /** The rules, loaded once it is known which game it is. */
  let game: Game | undefined
  const recorded = shallowRef<readonly Recorded[]>([])
  const tape = shallowRef<Tape | null>(null)
  const clock = shallowRef<ToldClock>({ used: 0, since: null, now: 0, behind: 0 })
  /** The clock of the room that this table belongs to; null where it belongs to none that goes on. */
  const room = shallowRef<ToldRoomClock | null>(null)

  function hearClock(told: ToldClock) {
    clock.value = heardClock(told)
  }
  function hearRoom(told: ToldRoomClock | null) {
    room.value = told && heardClock(told)
  }
  function hearChanges(changes: MatchStream['renamed']) {
    if (!match.value) return
    match.value = { ...match.value, ...changes }
    void keep()
    fold()
  }

  function hearAsked({ asked }: MatchStream['asked']) {
    if (!match.value) return
    match.value = { ...match.value, asked }
    void keep()
  }

  /** Takes the match as the server has it. */
  async function take(stored: StoredMatch) {
    game = (await loadView(stored.game))?.game
    match.value = stored
    hearClock(stored.clock)
    hearRoom(stored.room)
    recorded.value = stored.entries
    outbox().settle(new Set(stored.entries.map((entry) => entry.id)))
    void keep()
    fold()
  }

  /** The server can't be reached: the desk goes on with what this device had of the match. */
  async function takeCopy() {
    const copy = match.value ? null : await copyOf(id)
    if (!copy) return
    game = (await loadView(copy.match.game))?.game
    match.value = copy.match
    clock.value = copy.match.clock
    recorded.value = copy.recorded
    fold()
  }

  /** Keeps a copy on this device for a reload without the server; many entries in one go make one copy. */
  const keep = useDebounceFn(() => {
    if (match.value) void keepCopy({ ...match.value, clock: clock.value }, recorded.value)
  }, 150)

  function fold() {
    const stored = match.value
    if (!stored || !game) return
    tape.value = tapeOf(game, stored, [...recorded.value, ...outbox().waiting.value]) ?? tape.value
  }

  /** Takes an acknowledged entry in, from an answer or from the live stream, whichever comes first. */
  function hear(entry: Recorded) {
    if (entry.number !== recorded.value.length + 1) return
    recorded.value = [...recorded.value, entry]
    void keep()
    const { waiting, settle } = outbox()
    // The tape holds an entry of our own already; one of somebody else's goes before what still waits.
    if (waiting.value[0]?.id === entry.id) settle(new Set([entry.id]))
    else if (tape.value && !waiting.value.length) tape.value = addEntry(tape.value, entry.entry)
    else fold()
  }

  return { match, recorded, tape, clock, room, hear, hearClock, hearRoom, hearChanges, hearAsked, take, takeCopy, fold }
}

export type HeldMatch = ReturnType<typeof holdMatch>
