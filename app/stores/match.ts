import { get, set } from 'idb-keyval'
import { nanoid } from 'nanoid'
import { StorageSerializers } from '@vueuse/core'
import type { Game } from '#core/contract/game'
import { addEntry, type Tape } from '#core/kernel/tape'
import type { Appended, Recorded, Seat, StoredMatch, ToldClock, ToldRoomClock } from '#shared/api'
import { loadView } from '~/games'
import { makeOutbox, type Fate } from '~/stores/outbox'
import { ApiError, callApi, saysOf } from '~/utils/api'
import { heardClock } from '~/utils/clocks'
import { copyOf, dropCopy, dropOldCopies, keepCopy } from '~/utils/copies'
import { followLive, type Live } from '~/utils/live'
import { tapeOf } from '~/utils/tapes'

/** Somebody else recorded first: what came in between, and what waits for a decision. */
export interface Conflict {
  readonly between: readonly Recorded[]
}

const RETRY_MS = [500, 1000, 2000, 4000]

/**
 * One match on this device: what the server has acknowledged, what still waits to be sent, and the tape that both
 * fold into. It is let go of once nobody looks at it any more.
 */
export function useMatchStore(id: string) {
  const useStore = defineStore(`match-${id}`, () => {
    const match = shallowRef<StoredMatch | null>(null)
    /** The rules, loaded once it is known which game it is. */
    let game: Game | undefined
    const recorded = shallowRef<readonly Recorded[]>([])
    const tape = shallowRef<Tape | null>(null)
    const conflict = shallowRef<Conflict | null>(null)
    const refusal = ref<string | null>(null)
    const missing = ref<string | null>(null)
    const online = ref(true)
    const clock = shallowRef<ToldClock>({ used: 0, since: null, now: 0, behind: 0 })
    /** The clock of the room that this table belongs to; null where it belongs to none that goes on. */
    const room = shallowRef<ToldRoomClock | null>(null)
    /** The match that whoever helps here was sent on to, since the table plays again. */
    const movedTo = ref<string | null>(null)
    /**
     * What is half entered, and after how many plays: leaving the match or reloading loses nothing typed, nor does a
     * remark, the clock, or a slip (the dice lie there still).
     */
    const typed = useSessionStorage<{ at: number; entry: unknown } | null>(`half-${id}`, null, {
      serializer: StorageSerializers.object,
    })
    const half = computed<unknown>({
      get: () => (typed.value && typed.value.at === tape.value?.state.played ? typed.value.entry : null),
      set: (entry) => (typed.value = entry === null || !tape.value ? null : { at: tape.value.state.played, entry }),
    })

    const shelf = `waiting-${id}`
    const outbox = makeOutbox({
      shelf: { read: () => get(shelf), write: (entries) => set(shelf, [...entries]) },
      newId: () => nanoid(16),
      post: async (waiting) => {
        const { recorded: mine } = await callApi<Appended>(`/api/matches/${id}/entries`, 'POST', waiting)
        online.value = true
        retry = 0
        return mine
      },
      fateOf,
      acknowledged: hear,
      failed: meetFate,
    })
    const { waiting } = outbox

    let live: Live | null = null
    let followers = 0
    /** The server has answered since the match was joined; until then a copy kept here may be shown. */
    let heard = false
    let retry = 0
    let timer: ReturnType<typeof setTimeout> | undefined

    /** Loads the match and follows it until `leave`. */
    async function join() {
      followers++
      if (followers > 1) return
      await outbox.load()
      void dropOldCopies()
      heard = false
      await load()
      if (followers === 0) return
      live = followLive(
        () => `/api/matches/${id}/live?after=${recorded.value.length}`,
        {
          recorded: hear,
          clock: hearClock,
          room: ({ room: told }: { room: ToldRoomClock | null }) => hearRoom(told),
          moved: ({ match: next }: { match: string }) => (movedTo.value = next),
          'let-go': () => {
            live?.close()
            gone('Helping at this table has ended. Thank you!')
          },
          renamed: hearNames,
          removed: () => gone('This match was deleted.'),
          here: () => {
            online.value = true
            send()
          },
        },
        () => (online.value = false),
      )
      send()
    }

    /** Nobody looks any more: the stream ends, and with the last one the store is let go of. */
    function leave() {
      followers--
      if (followers > 0) return
      clearTimeout(timer)
      live?.close()
      live = null
    }

    async function load() {
      try {
        const stored = await callApi<StoredMatch>(`/api/matches/${id}`)
        game = (await loadView(stored.game))?.game
        match.value = stored
        hearClock(stored.clock)
        hearRoom(stored.room)
        recorded.value = stored.entries
        outbox.settle(new Set(stored.entries.map((entry) => entry.id)))
        heard = online.value = true
        missing.value = null
        keep()
        fold()
      } catch (error) {
        if (error instanceof ApiError && !error.unreachable) gone(error.says)
        else {
          online.value = false
          await showCopy().catch(() => undefined)
          later()
        }
      }
    }

    /** The server can't be reached: the desk goes on with what this device had of the match. */
    async function showCopy() {
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

    function gone(says: string) {
      missing.value = says
      void dropCopy(id)
    }

    function fold() {
      const stored = match.value
      if (!stored || !game) return
      tape.value = tapeOf(game, stored, [...recorded.value, ...waiting.value]) ?? tape.value
    }

    /** Takes an acknowledged entry in, from an answer or from the live stream, whichever comes first. */
    function hear(entry: Recorded) {
      if (entry.number !== recorded.value.length + 1) return
      recorded.value = [...recorded.value, entry]
      void keep()
      // The tape holds an entry of our own already; one of somebody else's goes before what still waits.
      if (waiting.value[0]?.id === entry.id) outbox.settle(new Set([entry.id]))
      else if (tape.value && !waiting.value.length) tape.value = addEntry(tape.value, entry.entry)
      else fold()
    }

    function hearClock(told: ToldClock) {
      clock.value = heardClock(told)
    }

    function hearRoom(told: ToldRoomClock | null) {
      room.value = told && heardClock(told)
    }

    function hearNames({ name, seats }: { name: string; seats: readonly Seat[] }) {
      if (!match.value) return
      match.value = { ...match.value, name, seats }
      void keep()
      fold()
    }

    /** Starts, pauses or resets the clock, lets the match rest until later or goes on with it; says why not where that fails. */
    async function setClock(act: 'start' | 'pause' | 'reset' | 'later' | 'back') {
      try {
        hearClock(await callApi<ToldClock>(`/api/matches/${id}/clock`, 'POST', { do: act }))
      } catch (error) {
        refusal.value = saysOf(error)
      }
    }

    /** Records an entry: it is on the tape at once and goes to the server as soon as that can be reached. */
    function record(entry: unknown) {
      if (!tape.value) return
      refusal.value = null
      const plain = JSON.parse(JSON.stringify(entry)) as unknown
      outbox.add(tape.value.lines.length, plain)
      tape.value = addEntry(tape.value, plain)
      send()
    }

    function send() {
      if (!conflict.value && match.value) void outbox.send()
    }

    function meetFate(fate: Fate) {
      if (fate.kind === 'lost') {
        online.value = false
        later()
      } else if (fate.kind === 'stale') {
        for (const entry of fate.between) hear(entry)
        if (waiting.value.length) conflict.value = { between: fate.between }
      } else {
        refusal.value = fate.says
        if (fate.kind === 'locked') return
        // The server refuses the entry itself: what follows it was meant for another state.
        outbox.clear()
        fold()
      }
    }

    function later() {
      clearTimeout(timer)
      timer = setTimeout(() => void again(), RETRY_MS[Math.min(retry++, RETRY_MS.length - 1)])
    }

    async function again() {
      if (!heard) await load()
      if (online.value) send()
    }

    /** Settles a conflict: sends what waited after all, or drops it. */
    function settle(how: 'send' | 'drop') {
      conflict.value = null
      if (how === 'drop') outbox.clear()
      else outbox.move(recorded.value.length)
      fold()
      send()
    }

    const followed = () => followers > 0
    return {
      match,
      recorded,
      waiting,
      tape,
      conflict,
      refusal,
      missing,
      online,
      clock,
      room,
      movedTo,
      half,
      join,
      leave,
      followed,
      record,
      settle,
      setClock,
    }
  })
  return useStore()
}

export type MatchStore = ReturnType<typeof useMatchStore>

/** Leaves a match; its store is let go of when nobody else looks at it. What waits to be sent stays on the device. */
export function leaveMatch(store: MatchStore): void {
  store.leave()
  if (store.followed() || store.waiting.length) return
  const pinia = useNuxtApp().$pinia as { state: { value: Record<string, unknown> } }
  store.$dispose()
  // eslint-disable-next-line @typescript-eslint/no-dynamic-delete -- pinia keeps the state under the store's name
  delete pinia.state.value[store.$id]
}

function fateOf(error: unknown): Fate {
  const known = error instanceof ApiError ? error : null
  if (known?.code === 'stale') return { kind: 'stale', between: known.body.between as Recorded[] }
  if (known?.status === 401) return { kind: 'locked', says: known.says }
  // A full disk is over once there is room again; what waits here is not lost by it.
  if (known?.status === 507) return { kind: 'locked', says: known.says }
  return known && !known.unreachable ? { kind: 'refused', says: known.says } : { kind: 'lost' }
}
