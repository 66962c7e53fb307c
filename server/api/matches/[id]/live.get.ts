import { follow, followRoom } from '../../../matches/live'
import { entriesAfter, lastOf, sessionIn } from '../../../matches/read'
import { helpsAt } from '../../../room/helpers'
import { sessionOf } from '../../../room/session'
import { defineRoute, idOf } from '../../../utils/refusal'
import { openStream } from '../../../utils/streams'
import type { Recorded } from '#shared/api'
import type { MatchStream } from '#shared/streams'

/** Follows one match and the room's clock: every entry after `after` (or the browser's Last-Event-ID), then each as it is recorded. */
export default defineRoute(async (event) => {
  const match = idOf(event)
  const asked = Number(getRequestHeader(event, 'last-event-id') ?? getQuery(event).after ?? 0)
  const last = await lastOf(match)
  let sent = Number.isInteger(asked) && asked >= 0 ? Math.min(asked, last) : 0
  const session = await sessionIn(match)
  const { helper } = event.context
  return openStream<MatchStream>(event, (stream) => {
    /** What is recorded while what was missed is read waits for that. */
    let catchingUp = true
    let early: Recorded[] = []
    const send = (recorded: Recorded) => {
      if (recorded.number <= sent) return
      sent = recorded.number
      stream.send('recorded', recorded, recorded.number)
    }
    async function catchUp() {
      catchingUp = true
      const missed = await entriesAfter(match, sent)
      missed.forEach(send)
      early.forEach(send)
      early = []
      catchingUp = false
    }
    const hear = (recorded: Recorded) => {
      if (catchingUp) early.push(recorded)
      else if (recorded.number <= sent + 1) send(recorded)
      // What another server recorded before it is told here a moment later.
      else void catchUp().catch(() => stream.close())
    }
    /** A helper who was let go is told so and follows no more; one whose table plays again is told where. */
    async function recheck() {
      if (!helper) return
      const now = await helpsAt(helper.id)
      if (now === match) return
      if (now) stream.send('moved', { match: now })
      else stream.send('let-go', { ended: session !== null && (await sessionOf(session)).endedAt !== null })
      stream.close()
    }
    const leaveRoom = followRoom((told) => {
      if (told.id === session) stream.send('room', { room: told.endedAt ? null : told.clock })
    })
    const leave = follow(match, (change) => {
      if (change.kind === 'recorded') hear(change.recorded)
      else if (change.kind === 'clock') stream.send('clock', change.clock)
      else if (change.kind === 'asked') stream.send('asked', { asked: change.asked })
      else if (change.kind === 'removed') stream.send('removed', {})
      else if (change.kind === 'helpers') void recheck().catch(() => stream.close())
      else if (change.kind === 'renamed')
        stream.send('renamed', {
          name: change.listed.name,
          seats: change.listed.seats,
          veiled: change.listed.veiled,
          first: change.listed.first,
        })
    })
    catchUp().then(
      () => {
        stream.send('here', {})
        // Let go, or moved on, between the question and now.
        return recheck()
      },
      // The page comes back by itself and asks again.
      () => stream.close(),
    )
    return () => {
      leaveRoom()
      leave()
    }
  })
})
