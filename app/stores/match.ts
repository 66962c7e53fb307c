import { get, set } from 'idb-keyval'
import { nanoid } from 'nanoid'
import type { Game } from '#core/game'
import { openMatch } from '#core/match'
import { addEntry, foldTape, type Tape } from '#core/tape'
import { StorageSerializers } from '@vueuse/core'
import { loadView } from '~/games'
import { ApiError, callApi, saysOf } from '~/utils/api'
import { copyOf, dropCopy, dropOldCopies, keepCopy } from '~/utils/copies'
import type { Recorded, StoredMatch, ToldClock } from '~/utils/matches'

/** An entry that the server has not acknowledged yet. */
export interface Waiting {
  readonly id: string
  /** The number of the newest entry when this one was made: it was meant for that state and no other. */
  readonly after: number
  readonly entry: unknown
}

/** Somebody else recorded first: what came in between, and what waits for a decision. */
export interface Conflict {
  readonly between: readonly Recorded[]
}

const RETRY_MS = [500, 1000, 2000, 4000]

/**
 * One match on this device: what the server has acknowledged, what still waits to be sent, and the tape that both
 * fold into. Waiting entries are kept in the browser, so that a reload loses nothing.
 */
export function useMatchStore(id: string) {
  return defineStore(`match-${id}`, () => {
    const match = shallowRef<StoredMatch | null>(null)
    /** The rules, loaded once it is known which game it is. */
    let game: Game | undefined
    const recorded = shallowRef<readonly Recorded[]>([])
    const waiting = shallowRef<readonly Waiting[]>([])
    const tape = shallowRef<Tape | null>(null)
    const conflict = shallowRef<Conflict | null>(null)
    const refusal = ref<string | null>(null)
    const missing = ref<string | null>(null)
    const online = ref(true)
    const clock = shallowRef<ToldClock>({ used: 0, since: null, now: 0, behind: 0 })
    /**
     * What is half entered, and after how many plays: leaving the match or reloading loses nothing typed, nor does a
     * remark, the clock, or a slip (the dice lie there still).
     */
    const typed = useSessionStorage<{ at: number; entry: unknown } | null>(`half-${id}`, null, { serializer: StorageSerializers.object })
    const half = computed<unknown>({
      get: () => (typed.value && typed.value.at === tape.value?.state.played ? typed.value.entry : null),
      set: (entry) => (typed.value = entry === null || !tape.value ? null : { at: tape.value.state.played, entry }),
    })

    const shelf = `waiting-${id}`
    let source: EventSource | null = null
    let followers = 0
    let sending = false
    /** The server has answered since the match was joined; until then a copy kept here may be shown. */
    let heard = false
    let retry = 0
    let timer: ReturnType<typeof setTimeout> | undefined

    /** Loads the match and follows it until `leave`. */
    async function join() {
      followers++
      if (followers > 1) return
      waiting.value = (await get<Waiting[]>(shelf)) ?? []
      void dropOldCopies()
      heard = false
      await load()
      if (followers === 0) return
      document.addEventListener('visibilitychange', turn)
      followLive()
      void send()
    }

    /** A browser keeps only a few connections to one server: a tab that nobody sees gives its own back. */
    function turn() {
      if (document.visibilityState === 'visible') followLive()
      else source?.close()
    }

    function leave() {
      followers--
      if (followers > 0) return
      clearTimeout(timer)
      document.removeEventListener('visibilitychange', turn)
      source?.close()
      source = null
    }

    async function load() {
      try {
        const stored = await callApi<StoredMatch>(`/api/matches/${id}`)
        game = (await loadView(stored.game))?.game
        match.value = stored
        hearClock(stored.clock)
        recorded.value = stored.entries
        const known = new Set(stored.entries.map((entry) => entry.id))
        keepWaiting(waiting.value.filter((entry) => !known.has(entry.id)))
        heard = online.value = true
        missing.value = null
        void keepCopy({ ...stored, clock: clock.value }, stored.entries)
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

    function gone(says: string) {
      missing.value = says
      void dropCopy(id)
    }

    function fold() {
      const stored = match.value
      if (!stored || !game) return
      const opened = openMatch(game, { ...stored, players: stored.seats.map((seat) => seat.name) })
      if (!opened.ok) return
      const raws = [...recorded.value, ...waiting.value].map(({ entry }) => entry)
      tape.value = foldTape(opened.table, opened.state, raws)
    }

    function followLive() {
      source?.close()
      source = new EventSource(`/api/matches/${id}/live?after=${recorded.value.length}`)
      source.addEventListener('recorded', (event) => hear(JSON.parse((event as MessageEvent<string>).data) as Recorded))
      source.addEventListener('clock', (event) => hearClock(JSON.parse((event as MessageEvent<string>).data) as ToldClock))
      source.addEventListener('removed', () => gone('This match was deleted.'))
      source.addEventListener('here', () => {
        online.value = true
        void send()
      })
      source.onerror = () => {
        online.value = false
      }
    }

    /** Takes an acknowledged entry in, from an answer or from the live stream, whichever comes first. */
    function hear(entry: Recorded) {
      if (entry.number !== recorded.value.length + 1) return
      recorded.value = [...recorded.value, entry]
      if (match.value) void keepCopy({ ...match.value, clock: clock.value }, recorded.value)
      // The tape holds an entry of our own already; one of somebody else's goes before what still waits.
      if (waiting.value[0]?.id === entry.id) keepWaiting(waiting.value.slice(1))
      else if (tape.value && !waiting.value.length) tape.value = addEntry(tape.value, entry.entry)
      else fold()
    }

    function hearClock(told: ToldClock) {
      clock.value = { ...told, behind: told.now - Date.now() }
    }

    /** Starts, pauses or resets the clock; says why not where that fails. */
    async function setClock(act: 'start' | 'pause' | 'reset') {
      try {
        hearClock(await callApi<ToldClock>(`/api/matches/${id}/clock`, 'POST', { do: act }))
      } catch (error) {
        refusal.value = saysOf(error)
      }
    }

    function keepWaiting(entries: readonly Waiting[]) {
      waiting.value = entries
      void set(shelf, [...entries])
    }

    /** Records an entry: it is on the tape at once and goes to the server as soon as that can be reached. */
    function record(entry: unknown) {
      if (!tape.value) return
      refusal.value = null
      const plain = JSON.parse(JSON.stringify(entry)) as unknown
      keepWaiting([...waiting.value, { id: nanoid(16), after: tape.value.lines.length, entry: plain }])
      tape.value = addEntry(tape.value, plain)
      void send()
    }

    async function send() {
      if (sending || conflict.value || !match.value) return
      sending = true
      try {
        for (let next = waiting.value[0]; next; next = waiting.value[0]) {
          const answer = await callApi<{ recorded: Recorded }>(`/api/matches/${id}/entries`, 'POST', {
            id: next.id,
            after: next.after,
            entry: next.entry,
          })
          online.value = true
          retry = 0
          hear(answer.recorded)
          if (waiting.value[0]?.id === next.id) {
            // Acknowledged before, and loaded with the match since.
            keepWaiting(waiting.value.slice(1))
            fold()
          }
        }
      } catch (error) {
        giveBack(error)
      } finally {
        sending = false
      }
    }

    function giveBack(error: unknown) {
      const known = error instanceof ApiError ? error : null
      if (known?.code === 'stale') {
        const between = known.body.between as Recorded[]
        for (const entry of between) hear(entry)
        if (waiting.value.length) conflict.value = { between }
      } else if (known?.status === 401) {
        // What waits is sent once the passcode has been given.
        refusal.value = known.says
      } else if (known && !known.unreachable) {
        // The server refuses the entry itself: what follows it was meant for another state.
        refusal.value = known.says
        keepWaiting([])
        fold()
      } else {
        online.value = false
        later()
      }
    }

    function later() {
      clearTimeout(timer)
      timer = setTimeout(() => void again(), RETRY_MS[Math.min(retry++, RETRY_MS.length - 1)])
    }

    async function again() {
      if (!heard) await load()
      if (online.value) await send()
    }

    /** Settles a conflict: sends what waited after all, or drops it. */
    function settle(how: 'send' | 'drop') {
      conflict.value = null
      const known = recorded.value.length
      keepWaiting(how === 'drop' ? [] : waiting.value.map((entry, i) => ({ ...entry, after: known + i })))
      fold()
      void send()
    }

    return { match, recorded, waiting, tape, conflict, refusal, missing, online, clock, half, join, leave, record, settle, setClock }
  })()
}

export type MatchStore = ReturnType<typeof useMatchStore>
