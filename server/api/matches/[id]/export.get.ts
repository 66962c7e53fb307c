import * as z from 'zod'
import { exportMatch } from '../../../matches/transfer'
import { checked, defineRoute, idOf } from '../../../utils/refusal'

const query = z.object({ as: z.enum(['json', 'csv', 'txt']).default('json') })

export default defineRoute(async (event) => {
  const { text, type, name } = await exportMatch(idOf(event), checked(query, getQuery(event)).as)
  setResponseHeaders(event, { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` })
  return text
})
