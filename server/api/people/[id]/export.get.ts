import * as z from 'zod'
import { masteryCsv, personFile } from '../../../matches/personFile'
import { checked, defineRoute, idOf } from '../../../utils/refusal'

const query = z.object({ as: z.enum(['json', 'csv']).default('json') })

/** All that is kept of a child in one file; or, as CSV, how they stand with each fact. */
export default defineRoute(async (event) => {
  if (checked(query, getQuery(event)).as === 'csv') {
    setResponseHeaders(event, {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="facts-${idOf(event)}.csv"`,
    })
    return masteryCsv(idOf(event))
  }
  const file = await personFile(idOf(event))
  setResponseHeaders(event, {
    'content-type': 'application/json',
    'content-disposition': `attachment; filename="person-${idOf(event)}.json"`,
  })
  return `${JSON.stringify(file, null, 2)}\n`
})
