import { sessionDay } from '../../../../matches/day'
import { sessionOf } from '../../../../room/session'
import { defineRoute, idOf } from '../../../../utils/refusal'

/** A session, and what it came to so far. */
export default defineRoute(async (event) => {
  const id = idOf(event)
  return { session: await sessionOf(id), day: await sessionDay(id) }
})
