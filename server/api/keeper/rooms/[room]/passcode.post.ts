import type { RoomMade } from '#shared/school'
import { renewRoomPasscode, roomOf } from '../../../../school/rooms'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute(async (event): Promise<RoomMade> => {
  const room = await roomOf(idOf(event, 'room'))
  return { room, passcode: await renewRoomPasscode(room.id) }
})
