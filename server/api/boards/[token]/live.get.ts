import { boardOf, matchOfBoard } from '../../../matches/board'
import { follow } from '../../../matches/live'
import { defineRoute, idOf } from '../../../utils/refusal'

const HEARTBEAT_MS = 10_000

/** Follows one board: its whole picture at once and after every change. Several changes at once make one picture. */
export default defineRoute(async (event) => {
  const token = idOf(event, 'token')
  const match = await matchOfBoard(token)
  const stream = createEventStream(event)
  let pending = false
  const show = async () => {
    if (pending) return
    pending = true
    await Promise.resolve()
    pending = false
    try {
      if ((await matchOfBoard(token)) === match) await stream.push({ event: 'board', data: JSON.stringify(await boardOf(match)) })
    } catch {
      // The match was deleted or the link renewed.
      await stream.push({ event: 'gone', data: '{}' })
      await stream.close()
    }
  }
  const stop = follow(match, () => void show())
  const heartbeat = setInterval(() => void stream.push({ event: 'here', data: '{}' }), HEARTBEAT_MS)
  stream.onClosed(async () => {
    clearInterval(heartbeat)
    stop()
    await stream.close()
  })
  void show()
  return stream.send()
})
