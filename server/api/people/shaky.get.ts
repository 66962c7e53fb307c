import * as z from 'zod'
import { shakyOf } from '../../matches/day'
import { aimsOf } from '../../matches/people'
import { checked, defineRoute } from '../../utils/refusal'
import { roomShape } from '#shared/requests'

const query = z.object({ who: roomShape })

/** The shaky facts of some people now, and what they work on, by person. */
export default defineRoute(async (event) => {
  const { who } = checked(query, getQuery(event))
  const now = new Date().toISOString()
  const shaky: Record<string, string[]> = {}
  for (const id of who) shaky[id] = await shakyOf(id, now)
  return { shaky, aims: await aimsOf(who) }
})
