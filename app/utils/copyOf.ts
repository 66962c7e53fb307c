import * as z from 'zod'
import { lyingCopy, type Copy } from '~/utils/copies'

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

/** A match as it was kept on this device; null where nothing is kept, or something else. */
export async function copyOf(id: string): Promise<Copy | null> {
  const kept = await lyingCopy(id)
  return isCopy(kept) ? kept : null
}
