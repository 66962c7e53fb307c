import { makeArchive } from '../matches/transfer'
import { defineRoute } from '../utils/refusal'

export default defineRoute(async (event) => {
  const archive = await makeArchive()
  setResponseHeaders(event, {
    'content-type': 'application/json',
    'content-disposition': `attachment; filename="nimble-tally-${archive.madeAt.slice(0, 10)}.json"`,
  })
  return archive
})
