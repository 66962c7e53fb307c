import { clearDemo } from '../matches/forget'
import { defineRoute } from '../utils/refusal'

export default defineRoute(() => clearDemo())
