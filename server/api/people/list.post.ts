import { makePeople } from '../../matches/people'
import { bodyOf } from '../../utils/body'
import { defineRoute } from '../../utils/refusal'
import { peopleListShape } from '#shared/requests'

export default defineRoute(async (event) => {
  const ids = await makePeople(await bodyOf(event, peopleListShape))
  setResponseStatus(event, 201)
  return { ids }
})
