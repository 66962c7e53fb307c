import { makePerson } from '../../matches/people'
import { bodyOf } from '../../utils/body'
import { defineRoute } from '../../utils/refusal'
import { newPersonShape } from '#shared/requests'

export default defineRoute(async (event) => {
  const id = await makePerson(await bodyOf(event, newPersonShape))
  setResponseStatus(event, 201)
  return { id }
})
