import { Readable } from 'node:stream'
import { logbookCsv } from '../../matches/logbook'
import { checked, defineRoute } from '../../utils/refusal'
import { loggedShape } from '#shared/requests'

export default defineRoute((event) => {
  const asked = checked(loggedShape, getQuery(event))
  setResponseHeaders(event, {
    'content-type': 'text/csv; charset=utf-8',
    'content-disposition': 'attachment; filename="logbook.csv"',
  })
  return sendStream(event, Readable.from(logbookCsv(asked)))
})
