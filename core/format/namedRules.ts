import * as z from 'zod'

/** What is kept of house rules under a name, wherever they are: in a file, an archive, a request. */
export const namedRulesFields = {
  game: z.string().max(60),
  /** What they are called: “our Tuesday Brim”. */
  name: z.string().trim().min(1).max(60),
  /** Only what differs from the game's defaults. */
  houseRules: z.record(z.string().max(60), z.unknown()),
}
