import { personFile } from '../../../matches/personFile'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  const file = await personFile(idOf(event))
  setResponseHeaders(event, {
    'content-type': 'application/json',
    'content-disposition': `attachment; filename="person-${idOf(event)}.json"`,
  })
  return `${JSON.stringify(file, null, 2)}\n`
})
