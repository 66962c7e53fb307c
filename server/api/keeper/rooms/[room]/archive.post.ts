import { restoreArchive } from '../../../../matches/archive'
import { inRoom } from '../../../../school/here'
import { roomOf } from '../../../../school/rooms'
import { bytesOf, MOST_ARCHIVE } from '../../../../utils/body'
import { defineRoute, idOf } from '../../../../utils/refusal'

/** Brings an archive into a room; what is there already stays. */
export default defineRoute(async (event) => {
  const { id } = await roomOf(idOf(event, 'room'))
  const archive = await bytesOf(event, MOST_ARCHIVE)
  return inRoom(id, () => restoreArchive(archive))
})
