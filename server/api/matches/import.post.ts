import { importMatch } from '../../matches/transfer'
import { defineRoute, textOf } from '../../utils/refusal'

export default defineRoute(async (event) => {
  const stored = await importMatch(await textOf(event))
  setResponseStatus(event, 201)
  return stored
})
