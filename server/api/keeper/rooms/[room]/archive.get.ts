import { archiveText } from '../../../../matches/archive'
import { inRoom } from '../../../../school/here'
import { roomOf } from '../../../../school/rooms'
import { defineRoute, idOf } from '../../../../utils/refusal'
import { sendArchive } from '../../../../utils/sendArchive'

/** Everything of a room as one archive, to take it to another server. */
export default defineRoute(async (event) => {
  const { id } = await roomOf(idOf(event, 'room'))
  return inRoom(id, () => sendArchive(event, archiveText(), id))
})
