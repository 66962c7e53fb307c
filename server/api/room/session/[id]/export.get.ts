import { dayCsv, sessionDay } from '../../../../matches/day'
import { sessionOf } from '../../../../room/session'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute(async (event) => {
  const id = idOf(event)
  const { createdAt } = await sessionOf(id)
  setResponseHeaders(event, {
    'content-type': 'text/csv; charset=utf-8',
    'content-disposition': `attachment; filename="session-${createdAt.slice(0, 10)}.csv"`,
  })
  return dayCsv(await sessionDay(id))
})
