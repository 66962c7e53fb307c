import { letOut } from '../access/session'
import { defineRoute } from '../utils/refusal'

/** This device helps no more. */
export default defineRoute(async (event) => {
  await letOut(event, 'helper')
  return { helps: null }
})
