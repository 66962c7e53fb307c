import { removeHelper } from '../../../../room/helpers'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute(async (event) => {
  await removeHelper(idOf(event), idOf(event, 'helper'))
  return { removed: true }
})
