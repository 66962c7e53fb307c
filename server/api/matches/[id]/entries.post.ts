import { appendEntry } from '../../../matches/append'
import { refuseToHelper } from '../../../room/helpers'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'
import { appendShape } from '#shared/requests'

export default defineRoute(async (event) => appendEntry(idOf(event), await bodyOf(event, appendShape), event.context.helper ? refuseToHelper : undefined))
