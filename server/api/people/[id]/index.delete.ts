import { removePerson } from '../../../matches/people'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  await removePerson(idOf(event))
  return { removed: true }
})
