import { weeksOf } from '../../matches/logbook'
import { checked, defineRoute } from '../../utils/refusal'
import { loggedShape } from '#shared/requests'

export default defineRoute(async (event) => ({ weeks: await weeksOf(checked(loggedShape, getQuery(event))) }))
