import { forgetPerson } from '../../../matches/forget'
import { backupBefore } from '../../../undo/backupBefore'
import { defineRoute, idOf } from '../../../utils/refusal'

/** Forgets somebody; `undo` takes that back for a day, then it is final. */
export default defineRoute(async (event) => {
  await backupBefore('forgetting')
  return { removed: true, ...(await forgetPerson(idOf(event))) }
})
