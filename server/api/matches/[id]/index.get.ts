import { loadMatch } from '../../../matches/read'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  const stored = await loadMatch(idOf(event))
  // Boards are the referee's to hand out.
  return event.context.helper ? { ...stored, board: '' } : stored
})
