import { matchesOf, personOf } from '../../../matches/personFile'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => {
  const person = await personOf(idOf(event))
  return { person, matches: await matchesOf(person.id) }
})
