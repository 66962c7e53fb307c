import { shownHelpShape } from '#shared/requests'
import { showHelp } from '../../../matches/screen'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'

/** The drawing to work on that the second screen shows. */
export default defineRoute(async (event) => {
  const { help } = await bodyOf(event, shownHelpShape)
  await showHelp(idOf(event), help)
  return { shown: help !== null }
})
