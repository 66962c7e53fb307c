import { letHelperIn } from '../access/helper'
import { rationTry } from '../access/ration'
import { helperOf } from '../room/helpers'
import { followCode } from '../school/doors'
import { bodyOf } from '../utils/body'
import { defineRoute } from '../utils/refusal'
import { helperCodeShape } from '#shared/requests'

/** Bytes of a code on its way. */
const MOST_BYTES = 2000

/** Lets a device help at one table, by the code of that table. */
export default defineRoute(async (event) => {
  const { code } = await bodyOf(event, helperCodeShape, MOST_BYTES)
  const right = await rationTry(event, 'code')
  const { id, match } = await helperOf((await followCode(code)) ?? '')
  await right()
  await letHelperIn(event, id)
  return { match }
})
