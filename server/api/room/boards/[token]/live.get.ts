import { roomShowings, sessionOfBoard } from '../../../../room/board'
import { defineRoute, idOf } from '../../../../utils/refusal'
import { tokenIn } from '../../../../school/links'
import { openBoardStream } from '../../../../utils/boardStream'

/** Follows the board of the room. */
export default defineRoute(async (event) => {
  const token = tokenIn(idOf(event, 'token'))
  return openBoardStream(event, roomShowings, await sessionOfBoard(token), token)
})
