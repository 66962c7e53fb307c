import { follow, followRoom } from '../matches/live'
import { defineRoute } from '../utils/refusal'
import { openStream } from '../utils/streams'
import type { RoomStream } from '#shared/streams'

/** Follows all matches and the room: which match changed, what the list shows of it now, how the session goes. */
export default defineRoute((event) =>
  openStream<RoomStream>(event, (stream) => {
    stream.send('here', {})
    const leaveRoom = followRoom((session) => stream.send('room', session))
    const leave = follow(null, (change) => {
      const { kind, match } = change
      if (kind === 'recorded')
        stream.send(kind, { match, last: change.recorded.number, summary: change.summary, at: change.recorded.at })
      else if (kind === 'made' || kind === 'renamed') stream.send(kind, change.listed)
      else if (kind === 'clock') stream.send(kind, { match, clock: change.clock })
      else if (kind === 'removed') stream.send(kind, { match })
      else if (kind === 'many') stream.send(kind, {})
    })
    return () => {
      leaveRoom()
      leave()
    }
  }),
)
