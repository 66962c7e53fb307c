import type { H3Event } from 'h3'
import { roomHere } from '../school/here'
import { addressOf } from './address'
import { streams } from './metrics'
import { Refusal } from './refusal'
import type { Followed } from '#shared/streams'

/** How often a silent stream says that it is still there, so that a page can tell when it is out of date. */
const HEARTBEAT_MS = 10_000
/** Messages that may wait for a viewer that doesn't read; more, and it is cut off. It comes back by itself. */
const MOST_WAITING = 64
/** Streams that one address may hold; a room behind one router has many tables and boards. */
const MOST_EACH = 400

/** Every open stream by how it is closed, with the session of whoever follows it and the room that it is of. */
const open = new Map<() => void, { readonly device: string | undefined; readonly room: string }>()
const byAddress = new Map<string, number>()

/** One viewer's stream of events, each kind with what comes with it. */
export interface Stream<Tells> {
  send<Kind extends keyof Tells & string>(event: Kind, data: Tells[Kind], id?: number): void
  /** Sends text that is JSON already: one picture for many viewers is written once. */
  sendText(event: keyof Tells & string, json: string): void
  close(): void
}

/** Ends every stream, so that a server that is told to stop doesn't wait for its viewers. */
export function endStreams(): void {
  for (const close of [...open.keys()]) close()
}

/** Ends the streams of a session that was left: nothing more is told there. */
export function endStreamsOf(device: string): void {
  for (const [close, whose] of [...open]) if (whose.device === device) close()
}

/** Ends the streams of a room that nobody may be in as they were. */
export function endStreamsIn(room: string): void {
  for (const [close, whose] of [...open]) if (whose.room === room) close()
}

/**
 * Opens a stream of server-sent events. `begin` gets it and returns what is to be done when it ends. Viewers that
 * don't read are cut off at a bounded backlog, and so is an address with too many of them.
 */
export function openStream<Tells extends Followed>(event: H3Event, begin: (stream: Stream<Tells>) => () => void) {
  const address = addressOf(event)
  const mine = byAddress.get(address) ?? 0
  if (mine >= MOST_EACH)
    throw new Refusal(429, 'too-many-viewers', 'Too many pages of this device follow at once; close some.')
  byAddress.set(address, mine + 1)
  const events = createEventStream(event)
  const socket = event.node.req.socket
  let waiting = 0
  /** What was pushed last: a stream that is closed sends that first. */
  let newest: Promise<unknown> = Promise.resolve()
  let ended = false
  const push = (message: { event: string; data: string; id?: string }) => {
    if (ended) return
    if (waiting >= MOST_WAITING) {
      close()
      socket.destroy()
      return
    }
    waiting++
    newest = events.push(message).finally(() => waiting--)
  }
  const stream: Stream<Tells> = {
    send: (name, data, id) =>
      push({ event: name, data: JSON.stringify(data), ...(id === undefined ? {} : { id: String(id) }) }),
    sendText: (name, json) => push({ event: name, data: json }),
    close,
  }
  function close() {
    if (ended) return
    ended = true
    clearInterval(heartbeat)
    open.delete(close)
    streams.set(open.size)
    const left = (byAddress.get(address) ?? 1) - 1
    if (left > 0) byAddress.set(address, left)
    else byAddress.delete(address)
    finish()
    void newest
      .catch(() => undefined)
      .then(() => events.close())
      .catch(() => undefined)
  }
  const heartbeat = setInterval(() => stream.send('here', {}), HEARTBEAT_MS)
  open.set(close, { device: event.context.device, room: roomHere() })
  streams.set(open.size)
  const finish = begin(stream)
  events.onClosed(async () => close())
  return events.send()
}
