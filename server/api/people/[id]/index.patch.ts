import { changePerson } from '../../../matches/people'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'
import { changedPersonShape } from '#shared/requests'

export default defineRoute(async (event) => {
  await changePerson(idOf(event), await bodyOf(event, changedPersonShape))
  return { changed: true }
})
