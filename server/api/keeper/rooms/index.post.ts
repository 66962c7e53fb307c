import { makeRoom } from '../../../school/rooms'
import { bodyOf } from '../../../utils/body'
import { defineRoute } from '../../../utils/refusal'
import { roomNameShape } from '#shared/requests'

export default defineRoute(async (event) => {
  const made = await makeRoom((await bodyOf(event, roomNameShape)).name)
  setResponseStatus(event, 201)
  return made
})
