import type { Access } from '#shared/api'
import { helperHere } from '../access/helper'
import { isLocalOnly } from '../access/policy'
import { mayRecord } from '../access/session'
import { roomZone } from '../room/zone'
import { defineRoute } from '../utils/refusal'

/** Whether a passcode is asked for here, whether this browser has given it, and else where it may help. */
export default defineRoute(async (event): Promise<Access> => {
  if (isLocalOnly()) return { passcode: false, mayRecord: true, helps: null, zone: await roomZone() }
  const may = await mayRecord(event)
  return {
    passcode: true,
    mayRecord: may,
    helps: may ? null : ((await helperHere(event))?.match ?? null),
    zone: await roomZone(),
  }
})
