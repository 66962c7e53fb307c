import { listUndoables } from '../../undo/keep'
import { defineRoute } from '../../utils/refusal'

/** What was deleted, merged or forgotten within a day, the newest first. */
export default defineRoute(async () => ({ undoables: await listUndoables() }))
