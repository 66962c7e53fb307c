import { archiveText } from '../matches/archive'
import { defineRoute } from '../utils/refusal'
import { sendArchive } from '../utils/sendArchive'

/** Everything as one archive. */
export default defineRoute((event) => sendArchive(event, archiveText()))
