import { followBoard, matchOfBoard } from '../../../matches/board'
import { defineRoute, idOf } from '../../../utils/refusal'
import { openStream } from '../../../utils/streams'

/** Follows one board: its whole picture at once and after every change. Several changes at once make one picture. */
export default defineRoute(async (event) => {
  const token = idOf(event, 'token')
  const match = await matchOfBoard(token)
  return openStream(event, (stream) =>
    followBoard(match, token, (picture) => {
      if (picture !== null) return stream.sendText('board', picture)
      // The match was deleted, or its link leads elsewhere now.
      stream.send('gone', {})
      stream.close()
    }),
  )
})
