import { makeHouseRulesFile } from '#core/format/houseRulesFile'
import { namedRulesOf } from '../../../houseRules/store'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  const kept = await namedRulesOf(idOf(event))
  setResponseHeaders(event, {
    'content-type': 'application/json',
    'content-disposition': `attachment; filename="house-rules-${kept.game}-${kept.id}.json"`,
  })
  return `${JSON.stringify(makeHouseRulesFile(kept), null, 2)}\n`
})
