import { roomBoardOf, sessionOfBoard } from '../../../../room/board'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute(async (event) => roomBoardOf(await sessionOfBoard(idOf(event, 'token'))))
