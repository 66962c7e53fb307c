import { importNamedRules } from '../../houseRules/store'
import { textOf } from '../../utils/body'
import { defineRoute } from '../../utils/refusal'

export default defineRoute(async (event) => {
  const kept = await importNamedRules(await textOf(event))
  setResponseStatus(event, 201)
  return kept
})
