import { follow, type Recorded } from '../../../matches/live'
import { entriesAfter, loadMatch } from '../../../matches/store'
import { defineRoute, idOf } from '../../../utils/refusal'

/** How often a silent stream says that it is still there, so that a page can tell when it is out of date. */
const HEARTBEAT_MS = 10_000

/** Follows one match: every entry after `after` (or the browser's Last-Event-ID), then each as it is recorded. */
export default defineRoute(async (event) => {
  const match = idOf(event)
  const asked = Number(getRequestHeader(event, 'last-event-id') ?? getQuery(event).after ?? 0)
  const { last } = await loadMatch(match)
  let sent = Number.isInteger(asked) && asked >= 0 ? Math.min(asked, last) : 0
  const stream = createEventStream(event)
  let catchingUp = true
  const early: Recorded[] = []
  const send = (recorded: Recorded) => {
    if (recorded.number <= sent) return
    sent = recorded.number
    void stream.push({ id: String(recorded.number), event: 'recorded', data: JSON.stringify(recorded) })
  }
  const stop = follow(match, (change) => {
    if (change.kind === 'recorded') {
      if (catchingUp) early.push(change.recorded)
      else send(change.recorded)
    } else if (change.kind === 'clock') void stream.push({ event: 'clock', data: JSON.stringify(change.clock) })
    else if (change.kind === 'removed') void stream.push({ event: 'removed', data: '{}' })
  })
  const heartbeat = setInterval(() => void stream.push({ event: 'here', data: '{}' }), HEARTBEAT_MS)
  stream.onClosed(async () => {
    clearInterval(heartbeat)
    stop()
    await stream.close()
  })
  void entriesAfter(match, sent).then((missed) => {
    missed.forEach(send)
    early.forEach(send)
    catchingUp = false
    void stream.push({ event: 'here', data: '{}' })
  })
  return stream.send()
})
