import { ref, shallowRef } from 'vue'
import * as z from 'zod'
import type { Recorded } from '#shared/api'

const WAITING = z.object({
  id: z.string(),
  /** The number of the newest entry when this one was made: it was meant for that state and no other. */
  after: z.int().min(0),
  entry: z.unknown(),
})
/** An entry that the server has not acknowledged yet. */
export type Waiting = Readonly<z.output<typeof WAITING>>

/** What was kept on the device: what is no entry that waits (an older version's, somebody's hand) can't be sent, and is left out. */
const waitingIn = (kept: unknown): readonly Waiting[] =>
  (Array.isArray(kept) ? kept : []).flatMap((each) => WAITING.safeParse(each).data ?? [])

/** How a try to send ended, where it was not acknowledged. */
export type Fate =
  | { readonly kind: 'stale'; readonly between: readonly Recorded[] }
  | { readonly kind: 'refused'; readonly says: string }
  /** The passcode is asked for first; what waits is sent once it has been given. */
  | { readonly kind: 'locked'; readonly says: string }
  | { readonly kind: 'lost' }

export interface OutboxParts {
  /** Where what waits is kept on this device, so that a reload loses nothing. */
  readonly shelf: { read(): Promise<unknown>; write(waiting: readonly Waiting[]): Promise<void> }
  /** A name for an entry that no other has. */
  readonly newId: () => string
  /** Sends one entry; rejects with what `fateOf` can tell. */
  readonly post: (waiting: Waiting) => Promise<Recorded>
  readonly fateOf: (error: unknown) => Fate
  readonly acknowledged: (recorded: Recorded) => void
  readonly failed: (fate: Fate) => void
}

/** What this device has recorded and the server has not acknowledged: kept, sent in order, one after another. */
export function makeOutbox({ shelf, newId, post, fateOf, acknowledged, failed }: OutboxParts) {
  const waiting = shallowRef<readonly Waiting[]>([])
  /** How many of them lie on this device: from then on a reload loses nothing. */
  const kept = ref(0)
  let sending = false

  function keep(entries: readonly Waiting[]) {
    waiting.value = entries
    void shelf.write(entries).then(() => (kept.value = entries.length))
  }

  async function load() {
    waiting.value = waitingIn(await shelf.read())
    kept.value = waiting.value.length
  }

  /** Puts an entry in, meant for the state after entry `after`. */
  function add(after: number, entry: unknown) {
    keep([...waiting.value, { id: newId(), after, entry }])
  }

  /** The server has these already. Says whether any of them waited here. */
  function settle(ids: ReadonlySet<string>): boolean {
    const left = waiting.value.filter(({ id }) => !ids.has(id))
    if (left.length === waiting.value.length) return false
    keep(left)
    return true
  }

  /** What waits is meant to come after entry `last`, whatever came in between. */
  function move(last: number) {
    keep(waiting.value.map((entry, i) => ({ ...entry, after: last + i })))
  }

  const clear = () => keep([])

  /** Sends what waits until nothing does, or one of them meets its fate. */
  async function send() {
    if (sending) return
    sending = true
    let fate: Fate | null = null
    try {
      for (let next = waiting.value[0]; next; next = waiting.value[0]) {
        const recorded = await post(next)
        acknowledged(recorded)
        settle(new Set([next.id]))
      }
    } catch (error) {
      fate = fateOf(error)
    } finally {
      sending = false
    }
    if (fate) failed(fate)
  }

  return { waiting, kept, load, add, settle, move, clear, send }
}

export type Outbox = ReturnType<typeof makeOutbox>
