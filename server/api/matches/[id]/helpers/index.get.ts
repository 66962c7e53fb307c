import { listHelpers } from '../../../../room/helpers'
import { defineRoute, idOf } from '../../../../utils/refusal'

export default defineRoute(async (event) => ({ helpers: await listHelpers(idOf(event)) }))
