import { endedSessions } from '../../../room/session'
import { defineRoute } from '../../../utils/refusal'

export default defineRoute(async () => ({ sessions: await endedSessions() }))
