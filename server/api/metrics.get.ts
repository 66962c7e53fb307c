import { connectionsTaken, connectionsWaiting, registry } from '../utils/metrics'
import { openOnce } from '../utils/database'
import { meansKeeper } from '../access/passcode'
import { rationTry } from '../access/ration'
import { isKeeper } from '../access/session'
import { defineRoute, Refusal } from '../utils/refusal'

/** What is measured, in the Prometheus text format: for the keeper, and for who sends the keeper's passcode as a bearer's token. */
export default defineRoute(async (event) => {
  if (!(await isKeeper(event))) {
    const [, token = ''] = /^Bearer (\S{1,200})$/.exec(getRequestHeader(event, 'authorization') ?? '') ?? []
    // Who sends none guesses none.
    const right = token ? await rationTry(event, 'keeper') : null
    if (!right || !(await meansKeeper(token))) {
      setResponseHeader(event, 'www-authenticate', 'Bearer')
      throw new Refusal(401, 'keeper-needed', 'Send the keeper’s passcode: Authorization: Bearer …')
    }
    await right()
  }
  const { lent } = await openOnce()
  const { taken, waiting } = lent?.() ?? { taken: 0, waiting: 0 }
  connectionsTaken.set(taken)
  connectionsWaiting.set(waiting)
  setResponseHeader(event, 'content-type', registry.contentType)
  return registry.metrics()
})
