import { takeBack } from '../../undo/takeBack'
import { defineRoute, idOf } from '../../utils/refusal'

/** Takes one of them back. */
export default defineRoute(async (event) => {
  await takeBack(idOf(event))
  return { undone: true }
})
