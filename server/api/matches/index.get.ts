import * as z from 'zod'
import { listMatches } from '../../matches/store'
import { checked, defineRoute } from '../../utils/refusal'
import { placeShape } from '#shared/requests'

const query = z.object({
  /** Of one session of the room; of all where left out. */
  session: z.string().min(1).max(64).optional(),
  which: z.enum(['live', 'over', 'all']).default('all'),
  limit: z.coerce.number().int().min(1).max(200).default(60),
  /** Where the page before ended, as its `next` says. */
  before: placeShape.optional(),
})

export default defineRoute(async (event) => {
  const { session, which, limit, before } = checked(query, getQuery(event))
  return listMatches(which, limit, before, session)
})
