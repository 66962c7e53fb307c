import { loadMatch } from '../../../matches/read'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute((event) => loadMatch(idOf(event)))
