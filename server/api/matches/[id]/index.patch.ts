import { changedMatchShape } from '#shared/requests'
import { renameMatch } from '../../../matches/store'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  await renameMatch(idOf(event), await bodyOf(event, changedMatchShape))
  return { changed: true }
})
