import { follow } from '../matches/live'
import { defineRoute } from '../utils/refusal'

/** Follows all matches: which one changed, and its new summary. */
export default defineRoute((event) => {
  const stream = createEventStream(event)
  const stop = follow(null, (change) => {
    const { kind, match } = change
    if (kind === 'board') return
    const data = kind === 'recorded' ? { match, last: change.recorded.number, summary: change.summary } : kind === 'clock' ? change : { match }
    void stream.push({ event: kind, data: JSON.stringify(data) })
  })
  stream.onClosed(async () => {
    stop()
    await stream.close()
  })
  void stream.push({ event: 'here', data: '{}' })
  return stream.send()
})
