import { follow, followRoom } from '../matches/live'
import { defineRoute } from '../utils/refusal'
import { openStream } from '../utils/streams'

/** Follows all matches and the room: which match changed, what the list shows of it now, how the session goes. */
export default defineRoute((event) =>
  openStream(event, (stream) => {
    stream.send('here', {})
    const leaveRoom = followRoom((session) => stream.send('room', session))
    const leave = follow(null, (change) => {
      const { kind, match } = change
      if (kind === 'board' || kind === 'helpers') return
      if (kind === 'recorded')
        stream.send(kind, { match, last: change.recorded.number, summary: change.summary, at: change.recorded.at })
      else if (kind === 'made' || kind === 'renamed') stream.send(kind, change.listed)
      else stream.send(kind, kind === 'clock' ? { match, clock: change.clock } : { match })
    })
    return () => {
      leaveRoom()
      leave()
    }
  }),
)
