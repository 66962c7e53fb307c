import type { H3Event } from 'h3'
import type { Showings } from '../matches/showings'
import { openStream } from './streams'
import type { BoardStream } from '#shared/streams'

/** Follows one board: its whole picture at once and after every change. Several changes at once make one picture. */
export function openBoardStream(event: H3Event, showings: Showings, shown: string, token: string) {
  return openStream<BoardStream<unknown>>(event, (stream) =>
    showings.follow(shown, token, (picture) => {
      if (picture !== null) return stream.sendText('board', picture)
      // What it showed was deleted, or its link leads elsewhere now.
      stream.send('gone', {})
      stream.close()
    }),
  )
}
