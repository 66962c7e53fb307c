import { listLevels, listPairs } from '../../room/seating'
import { defineRoute } from '../../utils/refusal'

/** What tables are made from: who sat together lately, and how well answers go. */
export default defineRoute(async () => ({ pairs: await listPairs(), levels: await listLevels() }))
