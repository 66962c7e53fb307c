import { bestsOf } from '../../../matches/bests'
import { personOf } from '../../../matches/personFile'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  const { id } = await personOf(idOf(event))
  return { bests: await bestsOf(id) }
})
