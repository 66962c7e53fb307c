import { forgetOlder } from '../matches/forget'
import { bodyOf } from '../utils/body'
import { defineRoute } from '../utils/refusal'
import { forgetShape } from '#shared/requests'

export default defineRoute(async (event) => forgetOlder((await bodyOf(event, forgetShape)).months))
