import { currentSession } from '../../../room/session'
import { defineRoute } from '../../../utils/refusal'

export default defineRoute(async () => ({ session: await currentSession() }))
