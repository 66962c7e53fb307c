import { roomBoardOf, sessionOfBoard } from '../../../../room/board'
import { tokenIn } from '../../../../school/links'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute(async (event) => roomBoardOf(await sessionOfBoard(tokenIn(idOf(event, 'token')))))
