import { removeMatch } from '../../../matches/store'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  await removeMatch(idOf(event))
  return { removed: true }
})
