import { changeRoom } from '../../../../school/rooms'
import { bodyOf } from '../../../../utils/body'
import { defineRoute, idOf } from '../../../../utils/refusal'
import { changedRoomShape } from '#shared/requests'

export default defineRoute(async (event) => changeRoom(idOf(event, 'room'), await bodyOf(event, changedRoomShape)))
