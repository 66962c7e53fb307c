import { endSession } from '../../../../room/session'
import { backupBefore } from '../../../../undo/backupBefore'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute(async (event) => {
  const ended = await endSession(idOf(event))
  void backupBefore('session-end')
  return ended
})
