import { dayCsv, dayOf } from '../../matches/day'
import { checked, defineRoute } from '../../utils/refusal'
import { betweenShape } from '#shared/requests'

export default defineRoute(async (event) => {
  const { from, to } = checked(betweenShape, getQuery(event))
  setResponseHeaders(event, {
    'content-type': 'text/csv; charset=utf-8',
    'content-disposition': `attachment; filename="day-${from.slice(0, 10)}.csv"`,
  })
  return dayCsv(await dayOf(from, to))
})
