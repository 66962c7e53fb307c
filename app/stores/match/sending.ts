import { get, set } from 'idb-keyval'
import { nanoid } from 'nanoid'
import { addEntry } from '#core/kernel/tape'
import type { Recorded } from '#shared/api'
import type { HeldMatch } from '~/stores/match/held'
import type { Link } from '~/stores/match/link'
import { makeOutbox, type Fate } from '~/stores/outbox'
import { ApiError, callApi } from '~/utils/api'

/** Somebody else recorded first: what came in between, and what waits for a decision. */
interface Conflict {
  readonly between: readonly Recorded[]
}

/** Recording entries: on the tape at once, and to the server as soon as that can be reached. */
export function makeSending(id: string, held: HeldMatch, link: Link) {
  const conflict = shallowRef<Conflict | null>(null)
  const refusal = ref<string | null>(null)
  const shelf = `waiting-${id}`
  const outbox = makeOutbox({
    shelf: { read: () => get(shelf), write: (entries) => set(shelf, [...entries]) },
    newId: () => nanoid(16),
    post: async (waiting) => {
      const { recorded } = await callApi(`/api/matches/${id}/entries`, 'POST', waiting)
      link.arrived()
      return recorded
    },
    fateOf,
    acknowledged: held.hear,
    failed: meetFate,
  })

  function record(entry: unknown) {
    const { tape } = held
    if (!tape.value) return
    refusal.value = null
    const plain = JSON.parse(JSON.stringify(entry)) as unknown
    outbox.add(tape.value.lines.length, plain)
    tape.value = addEntry(tape.value, plain)
    send()
  }

  function send() {
    if (!conflict.value && held.match.value) void outbox.send()
  }

  function meetFate(fate: Fate) {
    if (fate.kind === 'lost') link.lost()
    else if (fate.kind === 'stale') {
      for (const entry of fate.between) held.hear(entry)
      if (outbox.waiting.value.length) conflict.value = { between: fate.between }
    } else {
      refusal.value = fate.says
      if (fate.kind === 'locked') return
      // The server refuses the entry itself: what follows it was meant for another state.
      outbox.clear()
      held.fold()
    }
  }

  /** Settles a conflict: sends what waited after all, or drops it. */
  function settle(how: 'send' | 'drop') {
    conflict.value = null
    if (how === 'drop') outbox.clear()
    else outbox.move(held.recorded.value.length)
    held.fold()
    send()
  }

  return { outbox, conflict, refusal, record, send, settle }
}

function fateOf(error: unknown): Fate {
  const known = error instanceof ApiError ? error : null
  if (known?.code === 'stale') return { kind: 'stale', between: known.body.between as Recorded[] }
  if (known?.status === 401) return { kind: 'locked', says: known.says }
  // A full disk is over once there is room again; what waits here is not lost by it.
  if (known?.status === 507) return { kind: 'locked', says: known.says }
  return known && !known.unreachable ? { kind: 'refused', says: known.says } : { kind: 'lost' }
}
