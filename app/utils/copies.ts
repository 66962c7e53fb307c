import { clear, createStore, del, entries, get, set } from 'idb-keyval'
import type { Recorded, StoredMatch } from '#shared/api'

/** A match as this device last had it from the server: what the desk goes on with when a reload can't reach it. */
export interface Copy {
  readonly match: StoredMatch
  readonly recorded: readonly Recorded[]
  readonly keptAt: number
}

/** Names of children are not to lie about: a copy is dropped a day after its match was last played on this device. */
const KEPT_MS = 24 * 60 * 60 * 1000

let opened: ReturnType<typeof createStore> | undefined
/** Opened once: every entry recorded is kept, and each opening is a connection of its own. */
const shelf = () => (opened ??= createStore('nimble-tally-copies', 'matches'))

/** What lies kept under a match's id, unread. */
export const lyingCopy = (id: string): Promise<unknown> => get(id, shelf()).catch(() => undefined)

/** Keeps a copy instead of the one before. A browser that keeps nothing is no reason to stop. */
export async function keepCopy(match: StoredMatch, recorded: readonly Recorded[]): Promise<void> {
  await set(
    match.id,
    { match: { ...match, entries: [] }, recorded: [...recorded], keptAt: Date.now() } satisfies Copy,
    shelf(),
  ).catch(() => undefined)
}

export async function dropCopy(id: string): Promise<void> {
  await del(id, shelf()).catch(() => undefined)
}

/** Drops every copy. */
export async function dropAllCopies(): Promise<void> {
  await clear(shelf()).catch(() => undefined)
}

/** Drops every copy that is older than a day. */
export async function dropOldCopies(): Promise<void> {
  const kept = await entries<string, Copy>(shelf()).catch(() => [])
  for (const [id, copy] of kept) if (!(Date.now() - copy.keptAt < KEPT_MS)) await dropCopy(id)
}
