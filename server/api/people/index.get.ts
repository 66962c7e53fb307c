import { listPeople } from '../../matches/people'
import { defineRoute } from '../../utils/refusal'

export default defineRoute(async () => ({ people: await listPeople() }))
