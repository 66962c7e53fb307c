import { isShort, MOST_HELD } from '#core/contract/entries'
import { appendEntry } from '../../../matches/append'
import { refuseToHelper } from '../../../room/helpers'
import { bodyOf } from '../../../utils/body'
import { appendSeconds } from '../../../utils/metrics'
import { defineRoute, idOf, Refusal } from '../../../utils/refusal'
import { appendShape } from '#shared/requests'

/** Bytes of an entry on its way; `entry-too-long` counts more finely what it holds. */
const MOST_BYTES = 64_000

export default defineRoute(async (event) => {
  const append = await bodyOf(event, appendShape, MOST_BYTES)
  if (!isShort(append.entry))
    throw new Refusal(413, 'entry-too-long', `An entry holds some ${MOST_HELD} letters at most.`, 'entry')
  const took = appendSeconds.startTimer()
  const appended = appendEntry(idOf(event), append, event.context.helper ? refuseToHelper : undefined)
  void appended.then(
    ({ stands }) => took({ outcome: stands ? 'stands' : 'slip' }),
    () => took({ outcome: 'refused' }),
  )
  return appended
})
