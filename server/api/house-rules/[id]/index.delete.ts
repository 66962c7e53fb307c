import { removeNamedRules } from '../../../houseRules/store'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  await removeNamedRules(idOf(event))
  return { removed: true }
})
