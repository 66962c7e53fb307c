import { isLoopback } from '../access/policy'
import { ready } from '../utils/ready'
import { defineRoute } from '../utils/refusal'

/** Answers once whoever may come in can: what bin/start waits for, and by which process it knows its own. */
export default defineRoute(async (event) => {
  const { place } = await ready()
  // Where the data lie is nobody's business on other devices.
  return isLoopback(getRequestIP(event) ?? '') ? { ready: true, place, pid: process.pid } : { ready: true }
})
