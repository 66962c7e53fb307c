import * as z from 'zod'
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

/** What an older version kept otherwise is no copy: the desk waits for the server instead. */
const COPY = z.object({
  match: z.object({
    id: z.string(),
    game: z.string(),
    seats: z.array(z.object({ name: z.string(), pennant: z.number() })),
  }),
  recorded: z.array(z.object({ number: z.number(), id: z.string(), entry: z.unknown() })),
  keptAt: z.number(),
})
const isCopy = (kept: unknown): kept is Copy => COPY.safeParse(kept).success

export async function copyOf(id: string): Promise<Copy | null> {
  const kept: unknown = await get(id, shelf()).catch(() => undefined)
  return isCopy(kept) ? kept : null
}

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
