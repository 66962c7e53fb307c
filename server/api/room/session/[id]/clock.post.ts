import { setRoomClock } from '../../../../room/clock'
import { bodyOf } from '../../../../utils/body'
import { defineRoute, idOf } from '../../../../utils/refusal'
import { roomClockShape } from '#shared/requests'

export default defineRoute(async (event) => setRoomClock(idOf(event), await bodyOf(event, roomClockShape)))
