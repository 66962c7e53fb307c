import { makeMatch } from '../../matches/store'
import { bodyOf } from '../../utils/body'
import { defineRoute } from '../../utils/refusal'
import { newMatchShape } from '#shared/requests'

export default defineRoute(async (event) => {
  const id = await makeMatch(await bodyOf(event, newMatchShape))
  setResponseStatus(event, 201)
  return { id }
})
