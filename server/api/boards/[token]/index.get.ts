import { boardOf, matchOfBoard } from '../../../matches/board'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => boardOf(await matchOfBoard(idOf(event, 'token'))))
