import { listPaces } from '../matches/paces'
import { defineRoute } from '../utils/refusal'

export default defineRoute(async () => ({ paces: await listPaces() }))
