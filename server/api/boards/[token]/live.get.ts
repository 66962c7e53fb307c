import { boardShowings, matchOfBoard } from '../../../matches/board'
import { tokenIn } from '../../../school/links'
import { openBoardStream } from '../../../utils/boardStream'
import { defineRoute, idOf } from '../../../utils/refusal'

/** Follows the board of one match. */
export default defineRoute(async (event) => {
  const token = tokenIn(idOf(event, 'token'))
  return openBoardStream(event, boardShowings, await matchOfBoard(token), token)
})
