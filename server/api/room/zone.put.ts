import { zoneShape } from '#shared/requests'
import { setZone } from '../../room/zone'
import { bodyOf } from '../../utils/body'
import { defineRoute } from '../../utils/refusal'

export default defineRoute(async (event) => setZone((await bodyOf(event, zoneShape)).zone))
