import { changedMatchShape } from '#shared/requests'
import { renameMatch } from '../../../matches/store'
import { bodyOf, defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  await renameMatch(idOf(event), await bodyOf(event, changedMatchShape))
  return { changed: true }
})
