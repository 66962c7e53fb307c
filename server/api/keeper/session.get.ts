import { isKeeper } from '../../access/session'
import { defineRoute } from '../../utils/refusal'

/** Whether this browser is the keeper's. */
export default defineRoute(async (event) => ({ keeper: await isKeeper(event) }))
