import { meansPasscode } from '../access/hash'
import { passcodeHash } from '../access/passcode'
import { rationTry } from '../access/ration'
import { letIn } from '../access/session'
import { bodyOf } from '../utils/body'
import { defineRoute, Refusal } from '../utils/refusal'
import { passcodeShape } from '#shared/requests'

/** Bytes of a passcode on its way. */
const MOST_BYTES = 2000

export default defineRoute(async (event) => {
  const { passcode } = await bodyOf(event, passcodeShape, MOST_BYTES)
  const right = await rationTry(event, 'passcode')
  if (!(await meansPasscode(passcode, await passcodeHash())))
    throw new Refusal(403, 'wrong-passcode', 'That is not the passcode.', 'passcode')
  await right()
  await letIn(event)
  return { mayRecord: true }
})
