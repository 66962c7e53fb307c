import { setClock } from '../../../matches/clock'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'
import { clockShape } from '#shared/requests'

export default defineRoute(async (event) => setClock(idOf(event), (await bodyOf(event, clockShape)).do))
