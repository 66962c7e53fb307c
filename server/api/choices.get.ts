import { listChoices } from '../matches/choices'
import { defineRoute } from '../utils/refusal'

export default defineRoute(async () => ({ choices: await listChoices() }))
