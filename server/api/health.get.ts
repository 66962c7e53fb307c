import { isLoopback } from '../access/policy'
import { defineRoute } from '../utils/refusal'

/** Answers once the database is open: what bin/start waits for, and by which process it knows its own. */
export default defineRoute(async (event) => {
  const { place } = await openOnce()
  // Where the data lie is nobody's business on other devices.
  return isLoopback(getRequestIP(event) ?? '') ? { ready: true, place, pid: process.pid } : { ready: true }
})
