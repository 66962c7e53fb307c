import { keepNamedRules } from '../../houseRules/store'
import { bodyOf } from '../../utils/body'
import { defineRoute } from '../../utils/refusal'
import { namedRulesShape } from '#shared/requests'

export default defineRoute(async (event) => {
  const id = await keepNamedRules(await bodyOf(event, namedRulesShape))
  setResponseStatus(event, 201)
  return { id }
})
