import * as z from 'zod'
import { logbookPage } from '../../matches/logbook'
import { checked, defineRoute } from '../../utils/refusal'
import { loggedShape, placeShape } from '#shared/requests'

const query = loggedShape.extend({
  limit: z.coerce.number().int().min(1).max(200).default(60),
  before: placeShape.optional(),
})

export default defineRoute(async (event) => {
  const { limit, before, ...asked } = checked(query, getQuery(event))
  return logbookPage(asked, limit, before ?? null)
})
