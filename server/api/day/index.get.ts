import { dayOf } from '../../matches/day'
import { checked, defineRoute } from '../../utils/refusal'
import { betweenShape } from '#shared/requests'

export default defineRoute(async (event) => {
  const { from, to } = checked(betweenShape, getQuery(event))
  return dayOf(from, to)
})
