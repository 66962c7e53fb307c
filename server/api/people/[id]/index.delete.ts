import { forgetPerson } from '../../../matches/forget'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute(async (event) => ({ removed: true, forgotten: await forgetPerson(idOf(event)) }))
