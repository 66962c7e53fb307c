import { seriesOf } from '../../matches/logbook'
import { checked, defineRoute } from '../../utils/refusal'
import { loggedShape } from '#shared/requests'

export default defineRoute(async (event) => ({ series: await seriesOf(checked(loggedShape, getQuery(event)).who) }))
