import type { Access } from '#shared/api'
import { helperHere } from '../access/helper'
import { asksPasscode } from '../access/policy'
import { mayRecord } from '../access/session'
import { roomZone } from '../room/zone'
import { isSchool, roomHere } from '../school/here'
import { roomOf } from '../school/rooms'
import { defineRoute } from '../utils/refusal'

/** Whether a passcode is asked for here, whether this browser has given it, and else where it may help. */
export default defineRoute(async (event): Promise<Access> => {
  if (!asksPasscode())
    return { passcode: false, mayRecord: true, helps: null, school: false, room: null, zone: await roomZone() }
  const may = await mayRecord(event)
  const helps = may ? null : ((await helperHere(event))?.match ?? null)
  const inside = isSchool() && (may || helps !== null)
  const room = inside ? await roomOf(roomHere()) : null
  return {
    ...{ passcode: true, mayRecord: may, helps, school: isSchool() },
    room: room && { id: room.id, name: room.name },
    zone: await roomZone(),
  }
})
