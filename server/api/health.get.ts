import { setTimeout as after } from 'node:timers/promises'
import { sql } from 'drizzle-orm'
import { isLoopback } from '../access/policy'
import { addressOf } from '../utils/address'
import { ready } from '../utils/ready'
import { databaseAway, defineRoute } from '../utils/refusal'

/** How long the database may take to answer, in milliseconds. */
const MOST_MS = 2000

/**
 * Answers once whoever may come in can, and as long as the database answers: what bin/start and a proxy wait for, and by which
 * process it knows its own.
 */
export default defineRoute(async (event) => {
  const { place, database } = await ready()
  const answers = database.execute(sql`select 1`).then(
    () => true,
    () => false,
  )
  if (!(await Promise.race([answers, after(MOST_MS, false, { ref: false })]))) throw databaseAway()
  // Where the data lie is nobody's business on other devices.
  return isLoopback(addressOf(event)) ? { ready: true, place, pid: process.pid } : { ready: true }
})
