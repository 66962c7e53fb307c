import { meansKeeper } from '../../access/passcode'
import { rationTry } from '../../access/ration'
import { letKeeperIn } from '../../access/session'
import { bodyOf } from '../../utils/body'
import { defineRoute, Refusal } from '../../utils/refusal'
import { passcodeShape } from '#shared/requests'

/** Bytes of a passcode on its way. */
const MOST_BYTES = 2000

export default defineRoute(async (event) => {
  const { passcode } = await bodyOf(event, passcodeShape, MOST_BYTES)
  const right = await rationTry(event, 'keeper')
  if (!(await meansKeeper(passcode)))
    throw new Refusal(403, 'wrong-passcode', 'That is not the keeper’s passcode.', 'passcode')
  await right()
  await letKeeperIn(event)
  return { keeper: true }
})
