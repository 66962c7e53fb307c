import { appendEntry } from '../../../matches/append'
import { bodyOf, defineRoute, idOf } from '../../../utils/refusal'
import { appendShape } from '#shared/requests'

export default defineRoute(async (event) => appendEntry(idOf(event), await bodyOf(event, appendShape)))
