import { addHelper } from '../../../../room/helpers'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute(async (event) => {
  const made = await addHelper(idOf(event))
  setResponseStatus(event, 201)
  return made
})
