import { renewRoomBoard } from '../../../../room/session'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute((event) => renewRoomBoard(idOf(event)))
