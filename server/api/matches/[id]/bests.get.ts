import { bestsAt } from '../../../matches/bests'
import { defineRoute, idOf } from '../../../utils/refusal'

/** For whom at the table this match was the best yet, each against their own matches alone. */
export default defineRoute(async (event) => ({ bests: await bestsAt(idOf(event)) }))
