import * as z from 'zod'
import { listMatches } from '../../matches/store'
import { checked, defineRoute } from '../../utils/refusal'

const query = z.object({
  which: z.enum(['live', 'over', 'all']).default('all'),
  limit: z.coerce.number().int().min(1).max(200).default(60),
  /** Where the page before ended, as its `next` says. */
  before: z
    .string()
    .regex(/^[^~]{10,40}~[\w-]{1,40}$/)
    .transform((text) => ({ at: text.split('~')[0]!, id: text.split('~')[1]! }))
    .refine(({ at }) => !Number.isNaN(Date.parse(at)))
    .optional(),
})

export default defineRoute(async (event) => {
  const { which, limit, before } = checked(query, getQuery(event))
  return listMatches(which, limit, before)
})
