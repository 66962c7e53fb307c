import { endSession } from '../../../../room/session'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute((event) => endSession(idOf(event)))
