import { follow } from '../matches/live'
import { defineRoute } from '../utils/refusal'
import { openStream } from '../utils/streams'

/** Follows all matches: which one changed, and what the list shows of it now. */
export default defineRoute((event) =>
  openStream(event, (stream) => {
    stream.send('here', {})
    return follow(null, (change) => {
      const { kind, match } = change
      if (kind === 'board') return
      if (kind === 'recorded') stream.send(kind, { match, last: change.recorded.number, summary: change.summary, at: change.recorded.at })
      else if (kind === 'made' || kind === 'renamed') stream.send(kind, change.listed)
      else stream.send(kind, kind === 'clock' ? { match, clock: change.clock } : { match })
    })
  }),
)
