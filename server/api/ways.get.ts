import { toldWaysShape } from '#shared/requests'
import { waysTold } from '../matches/waysTold'
import { checked, defineRoute } from '../utils/refusal'

export default defineRoute(async (event) => {
  const { from, to, names } = checked(toldWaysShape, getQuery(event))
  return { facts: await waysTold(from, to, names === '1') }
})
