import { boardOf, matchOfBoard } from '../../../matches/board'
import { tokenIn } from '../../../school/links'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => boardOf(await matchOfBoard(tokenIn(idOf(event, 'token')))))
