import * as z from 'zod'
import { listNamedRules } from '../../houseRules/store'
import { checked, defineRoute } from '../../utils/refusal'

const query = z.object({ game: z.string().max(60).optional() })

export default defineRoute(async (event) => ({ rules: await listNamedRules(checked(query, getQuery(event)).game) }))
