import * as z from 'zod'
import { listMatches } from '../../matches/store'
import { checked, defineRoute } from '../../utils/refusal'

const query = z.object({
  which: z.enum(['live', 'over', 'all']).default('all'),
  limit: z.coerce.number().int().min(1).max(200).default(60),
})

export default defineRoute(async (event) => {
  const { which, limit } = checked(query, getQuery(event))
  return { matches: await listMatches(which, limit) }
})
