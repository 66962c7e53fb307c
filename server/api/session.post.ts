import { meansPasscode } from '../access/hash'
import { passcodeHash } from '../access/passcode'
import { rationTry } from '../access/ration'
import { letIn } from '../access/session'
import { isSchool, roomHere } from '../school/here'
import { followRoomCode } from '../school/doors'
import { noteUse } from '../school/rooms'
import { bodyOf } from '../utils/body'
import { defineRoute, Refusal } from '../utils/refusal'
import { passcodeShape } from '#shared/requests'

/** Bytes of a passcode on its way. */
const MOST_BYTES = 2000

export default defineRoute(async (event) => {
  const { passcode, room = '' } = await bodyOf(event, passcodeShape, MOST_BYTES)
  const right = await rationTry(event, 'passcode')
  await followRoomCode(room)
  if (!(await meansPasscode(passcode, await passcodeHash()))) {
    // Of a room that isn't there no more is said than of a wrong passcode.
    const says = `That is not the passcode${isSchool() ? ' of a room with this code' : ''}.`
    throw new Refusal(403, 'wrong-passcode', says, 'passcode')
  }
  await right()
  if (isSchool()) await noteUse(roomHere())
  await letIn(event)
  return { mayRecord: true }
})
