import { countOlder } from '../matches/forget'
import { checked, defineRoute } from '../utils/refusal'
import { forgetShape } from '#shared/requests'

/** What forgetting would come to. */
export default defineRoute(async (event) => countOlder(checked(forgetShape, getQuery(event)).months))
