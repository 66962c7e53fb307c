import { isLocalOnly } from '../access/policy'
import { mayRecord } from '../access/session'
import { defineRoute } from '../utils/refusal'

/** Whether a passcode is asked for here, and whether this browser has given it. */
export default defineRoute(async (event) => {
  if (isLocalOnly()) return { passcode: false, mayRecord: true }
  return { passcode: true, mayRecord: await mayRecord(event) }
})
