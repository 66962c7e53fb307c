import { changeNamedRules } from '../../../houseRules/store'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'
import { changedRulesShape } from '#shared/requests'

export default defineRoute(async (event) => {
  await changeNamedRules(idOf(event), await bodyOf(event, changedRulesShape))
  return { changed: true }
})
