import { makeTables } from '../../room/seating'
import { bodyOf } from '../../utils/body'
import { defineRoute } from '../../utils/refusal'
import { tablesShape } from '#shared/requests'

export default defineRoute(async (event) => {
  const { tables } = await bodyOf(event, tablesShape)
  const made = await makeTables(tables)
  setResponseStatus(event, 201)
  return { made }
})
