import { importMatch } from '../../matches/transfer'
import { textOf } from '../../utils/body'
import { defineRoute } from '../../utils/refusal'

export default defineRoute(async (event) => {
  const stored = await importMatch(await textOf(event))
  setResponseStatus(event, 201)
  return stored
})
