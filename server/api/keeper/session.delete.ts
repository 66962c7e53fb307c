import { letOut } from '../../access/session'
import { defineRoute } from '../../utils/refusal'

export default defineRoute(async (event) => {
  await letOut(event, 'keeper')
  return { keeper: false }
})
