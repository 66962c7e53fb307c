import { Readable } from 'node:stream'
import { archiveText } from '../matches/archive'
import { defineRoute } from '../utils/refusal'

/** Everything as one archive, sent as it is read: a desk that records meanwhile waits for a moment only. */
export default defineRoute((event) => {
  setResponseHeaders(event, {
    'content-type': 'application/json',
    'content-disposition': `attachment; filename="nimble-tally-${new Date().toISOString().slice(0, 10)}.json"`,
  })
  return sendStream(event, Readable.from(archiveText()))
})
