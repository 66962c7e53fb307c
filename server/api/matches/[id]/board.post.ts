import { renewBoard } from '../../../matches/board'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => ({ board: await renewBoard(idOf(event)) }))
