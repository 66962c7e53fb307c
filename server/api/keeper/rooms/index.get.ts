import type { RoomsListed } from '#shared/school'
import { holdsOf, listRooms } from '../../../school/rooms'
import { checked, defineRoute } from '../../../utils/refusal'
import { roomSearchShape } from '#shared/requests'

export default defineRoute(async (event): Promise<RoomsListed> => {
  const { q } = checked(roomSearchShape, getQuery(event))
  const { rooms, of } = await listRooms(q)
  return { rooms: await Promise.all(rooms.map(async (room) => ({ ...room, holds: await holdsOf(room.id) }))), of }
})
