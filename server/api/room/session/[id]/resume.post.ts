import { resumeSession } from '../../../../room/session'
import { defineRoute, idOf } from '../../../../utils/refusal'

/** Takes the end of a session back; refused an hour later, or while another one goes on. */
export default defineRoute((event) => resumeSession(idOf(event)))
