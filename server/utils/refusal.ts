import { send, type EventHandler, type EventHandlerRequest, type H3Event } from 'h3'
import type * as z from 'zod'
import { saysPlainly } from '#core/wording/issues'
import { isDatabaseAway } from '../database/away'
import { refusals } from './metrics'
import { plainError } from './plainError'

/** A refusal as it goes to the client: `{code, says, path}` and what else helps, with an HTTP status. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    readonly says: string,
    readonly path = '',
    readonly more: Readonly<Record<string, unknown>> = {},
  ) {
    super(says)
    this.name = 'Refusal'
  }
}

/** The database is away for a moment: pages wait with what they have, and send it again. */
export const databaseAway = () =>
  new Refusal(503, 'database-away', 'The database does not answer. What was acknowledged is kept; try again soon.')

/** Letters of a path or a sentence that are told: what was sent may be quoted in it. */
const MOST_LETTERS = 300

/** Refuses outside a route. */
export function refuseWith(event: H3Event, status: number, code: string, says: string) {
  setResponseStatus(event, status)
  return { code, says, path: '' }
}

/** A fault of ours goes to the log with the route that it happened in; what was asked for there may hold names, and stays out. */
export function reportBroken(event: H3Event, error: unknown): void {
  const route = event.context.matchedRoute?.path ?? event.path.split('?')[0]
  const { request } = event.context
  console.error(`${event.method} ${route} broke:`, plainError(error), ...(request ? [`in request ${request}`] : []))
}

/**
 * An API route: refusals become their JSON and status; nothing else leaks out. What it is typed to give is what it gives when it
 * does not refuse: pages' `callApi` knows each route's answer by that.
 */
export function defineRoute<T>(
  handler: (event: H3Event) => Promise<T> | T,
  // eslint-disable-next-line @typescript-eslint/no-invalid-void-type -- what `send` gives
): EventHandler<EventHandlerRequest, Promise<T | void>> {
  return defineEventHandler(async (event) => {
    try {
      return await handler(event)
    } catch (error) {
      return send(event, JSON.stringify(refusalOf(event, error)), 'application/json')
    }
  })
}

function refusalOf(event: H3Event, error: unknown) {
  const refused = isDatabaseAway(error) ? databaseAway() : error
  if (refused instanceof Refusal) {
    refusals.inc({ code: refused.code })
    setResponseStatus(event, refused.status)
    return { code: refused.code, says: told(refused.says), path: told(refused.path), ...refused.more }
  }
  reportBroken(event, error)
  return refuseWith(event, 500, 'broken', 'Something broke in Nimble Tally itself. Nothing was recorded; try again.')
}

saysPlainly()

/** What is told of a text that may quote what was sent, however long that was. */
export const told = (text: string) => (text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)} …` : text)

/** Characters that the database can't keep: NUL, and halves of surrogate pairs. */
const UNSTORABLE = /(?<!\\)(?:\\\\)*\\u(?:0000|d[89a-f])/

/** Refuses text that the database can't keep, wherever in the value it stands. */
export function refuseUnstorable(value: unknown): void {
  if (UNSTORABLE.test(JSON.stringify(value) ?? ''))
    throw new Refusal(422, 'bad-text', 'There is a character in it that is no text. Type it anew.')
}

/** Checks what was asked, in a body or an address, against a schema; the refusal names the first field that is wrong. */
export function checked<T>(schema: z.ZodType<T>, value: unknown): T {
  refuseUnstorable(value)
  const read = schema.safeParse(value)
  if (read.success) return read.data
  const issue = read.error.issues[0]!
  const path = issue.path.join('.')
  throw new Refusal(
    422,
    'bad-field',
    `${path ? `“${path}”` : 'The request'} is not right: ${issue.message.replace(/^[A-Z]/, (first) => first.toLowerCase())}`,
    path,
  )
}

/** A route parameter that names something: short and plain. */
export function idOf(event: H3Event, name = 'id'): string {
  const id = getRouterParam(event, name) ?? ''
  if (!/^[\w-]{1,40}$/.test(id)) throw new Refusal(404, 'not-found', 'There is no such thing here.', name)
  return id
}
