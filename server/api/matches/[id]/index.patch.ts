import { changedMatchShape } from '#shared/requests'
import { changeMatch } from '../../../matches/store'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  await changeMatch(idOf(event), await bodyOf(event, changedMatchShape))
  return { changed: true }
})
