import type { Recorded } from '#shared/api'
import { follow } from '../../../matches/live'
import { entriesAfter, lastOf } from '../../../matches/read'
import { defineRoute, idOf } from '../../../utils/refusal'
import { openStream } from '../../../utils/streams'

/** Follows one match: every entry after `after` (or the browser's Last-Event-ID), then each as it is recorded. */
export default defineRoute(async (event) => {
  const match = idOf(event)
  const asked = Number(getRequestHeader(event, 'last-event-id') ?? getQuery(event).after ?? 0)
  const last = await lastOf(match)
  let sent = Number.isInteger(asked) && asked >= 0 ? Math.min(asked, last) : 0
  return openStream(event, (stream) => {
    let catchingUp = true
    const early: Recorded[] = []
    const send = (recorded: Recorded) => {
      if (recorded.number <= sent) return
      sent = recorded.number
      stream.send('recorded', recorded, recorded.number)
    }
    const stop = follow(match, (change) => {
      if (change.kind === 'recorded') {
        if (catchingUp) early.push(change.recorded)
        else send(change.recorded)
      } else if (change.kind === 'clock') stream.send('clock', change.clock)
      else if (change.kind === 'removed') stream.send('removed', {})
      else if (change.kind === 'renamed') stream.send('renamed', { name: change.listed.name, seats: change.listed.seats })
    })
    entriesAfter(match, sent).then(
      (missed) => {
        missed.forEach(send)
        early.forEach(send)
        catchingUp = false
        stream.send('here', {})
      },
      // The page comes back by itself and asks again.
      () => stream.close(),
    )
    return stop
  })
})
