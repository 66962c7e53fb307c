import { changedAskedShape } from '#shared/requests'
import { askRoom } from '../../../matches/screen'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'

/** What the room is asked before chance speaks, and the hands for each answer. */
export default defineRoute(async (event) => ({
  asked: await askRoom(idOf(event), await bodyOf(event, changedAskedShape)),
}))
