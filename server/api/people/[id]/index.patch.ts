import { changePerson } from '../../../matches/people'
import { backupBefore } from '../../../undo/backupBefore'
import { bodyOf } from '../../../utils/body'
import { defineRoute, idOf } from '../../../utils/refusal'
import { changedPersonShape } from '#shared/requests'

/** Changes somebody; where that makes two people one, `undo` takes it back for a day. */
export default defineRoute(async (event) => {
  const changes = await bodyOf(event, changedPersonShape)
  if (changes.merge) await backupBefore('merging')
  return { changed: true, undo: await changePerson(idOf(event), changes) }
})
