import { appendEntry } from '../../../matches/store'
import { bodyOf, defineRoute, idOf } from '../../../utils/refusal'
import { appendShape } from '../../../utils/shapes'

export default defineRoute(async (event) => appendEntry(idOf(event), await bodyOf(event, appendShape)))
