import * as z from 'zod'
import { factsOf } from '../../../matches/facts'
import { checked, defineRoute, idOf } from '../../../utils/refusal'

const query = z.object({ limit: z.coerce.number().int().min(1).max(5000).default(500) })

export default defineRoute(async (event) => ({
  facts: await factsOf(idOf(event), checked(query, getQuery(event)).limit),
}))
