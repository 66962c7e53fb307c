import * as z from 'zod'
import { factsOf } from '../../../matches/facts'
import { personOf } from '../../../matches/personFile'
import { checked, defineRoute, idOf } from '../../../utils/refusal'

const query = z.object({ limit: z.coerce.number().int().min(1).max(5000).default(500) })

export default defineRoute(async (event) => {
  const { limit } = checked(query, getQuery(event))
  const { id } = await personOf(idOf(event))
  return { facts: await factsOf(id, limit) }
})
