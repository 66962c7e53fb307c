import { appendEntry } from '../../../matches/append'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'
import { appendShape } from '#shared/requests'

export default defineRoute(async (event) => appendEntry(idOf(event), await bodyOf(event, appendShape)))
