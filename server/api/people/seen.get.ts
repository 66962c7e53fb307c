import { listSeenPeople } from '../../matches/personFile'
import { defineRoute } from '../../utils/refusal'

export default defineRoute(async () => ({ people: await listSeenPeople() }))
