import { loadMatch } from '../../../matches/store'
import { defineRoute, idOf } from '../../../utils/refusal'

export default defineRoute((event) => loadMatch(idOf(event)))
