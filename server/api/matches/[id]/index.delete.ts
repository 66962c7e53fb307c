import { removeMatch } from '../../../matches/store'
import { backupBefore } from '../../../undo/backupBefore'
import { defineRoute, idOf } from '../../../utils/refusal'

/** Deletes a match; `undo` takes that back for a day. */
export default defineRoute(async (event) => {
  await backupBefore('deleting')
  return { removed: true, undo: await removeMatch(idOf(event)) }
})
