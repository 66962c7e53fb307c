import { isDemoHere } from '../../matches/forget'
import { listSeenPeople } from '../../matches/personFile'
import { defineRoute } from '../../utils/refusal'

/** Everybody who plays here, with when; and whether demo tables are there to be cleared away. */
export default defineRoute(async () => ({ people: await listSeenPeople(), demo: await isDemoHere() }))
