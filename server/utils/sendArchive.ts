import { AsyncLocalStorage } from 'node:async_hooks'
import { Readable } from 'node:stream'
import type { H3Event } from 'h3'

/** Sends an archive as it is read: a desk that records meanwhile waits for a moment only. */
export function sendArchive(event: H3Event, archive: AsyncGenerator<string>, of = '') {
  const name = ['nimble-tally', of, new Date().toISOString().slice(0, 10)].filter(Boolean).join('-')
  setResponseHeaders(event, {
    'content-type': 'application/json',
    'content-disposition': `attachment; filename="${name}.json"`,
  })
  return sendStream(event, Readable.from(inItsRoom(archive)))
}

/** Whoever reads on asks from wherever the socket has room again: each piece is read in the room in which it was begun. */
async function* inItsRoom(pieces: AsyncGenerator<string>): AsyncGenerator<string> {
  const here = AsyncLocalStorage.snapshot()
  for (;;) {
    const { done, value } = await here(() => pieces.next())
    if (done) return
    yield value
  }
}
