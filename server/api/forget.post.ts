import { forgetOlder } from '../matches/forget'
import { backupBefore } from '../undo/backupBefore'
import { bodyOf } from '../utils/body'
import { defineRoute } from '../utils/refusal'
import { forgetShape } from '#shared/requests'

export default defineRoute(async (event) => {
  const { months } = await bodyOf(event, forgetShape)
  await backupBefore('forgetting')
  return forgetOlder(months)
})
