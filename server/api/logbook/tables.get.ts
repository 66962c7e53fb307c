import { tableNames } from '../../matches/logbook'
import { defineRoute } from '../../utils/refusal'

export default defineRoute(async () => ({ tables: await tableNames() }))
