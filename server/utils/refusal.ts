import type { EventHandler, H3Event } from 'h3'
import type * as z from 'zod'

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

/** Bytes that a request may have: an import is a match file with all its entries. */
const MOST_BYTES = 4_000_000

/** Refuses outside a route. */
export function refuseWith(event: H3Event, status: number, code: string, says: string) {
  setResponseStatus(event, status)
  return { code, says, path: '' }
}

/** An API route: refusals become their JSON and status; nothing else leaks out. */
export function defineRoute<T>(handler: (event: H3Event) => Promise<T> | T): EventHandler {
  return defineEventHandler(async (event) => {
    try {
      return await handler(event)
    } catch (error) {
      if (error instanceof Refusal) {
        setResponseStatus(event, error.status)
        return { code: error.code, says: error.says, path: error.path, ...error.more }
      }
      console.error(error)
      setResponseStatus(event, 500)
      return { code: 'broken', says: 'Something broke in Nimble Tally itself. Nothing was recorded; try again.', path: '' }
    }
  })
}

/** The request's JSON body, bounded in size and checked against `schema`. */
export async function bodyOf<T>(event: H3Event, schema: z.ZodType<T>): Promise<T> {
  const text = await textOf(event)
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    throw new Refusal(400, 'not-json', 'The request must carry JSON.')
  }
  refuseUnstorable(json)
  return checked(schema, json)
}

/** Characters that the database can't keep: NUL, and halves of surrogate pairs. */
const UNSTORABLE = /(?<!\\)(?:\\\\)*\\u(?:0000|d[89a-f])/

/** Refuses text that the database can't keep, wherever in the value it stands. */
export function refuseUnstorable(value: unknown): void {
  if (UNSTORABLE.test(JSON.stringify(value) ?? '')) throw new Refusal(422, 'bad-text', 'There is a character in it that is no text. Type it anew.')
}

/** The request's body as text, of at most `most` bytes. */
export async function textOf(event: H3Event, most = MOST_BYTES): Promise<string> {
  const announced = Number(getRequestHeader(event, 'content-length') ?? 0)
  const tooLarge = () => new Refusal(413, 'too-large', `At most ${most / 1e6} MB can be sent at once.`)
  if (announced > most) throw tooLarge()
  const text = (await readRawBody(event)) ?? ''
  if (text.length > most) throw tooLarge()
  return text
}

/** Checks any value against a schema; the refusal names the first field that is wrong. */
export function checked<T>(schema: z.ZodType<T>, value: unknown): T {
  const read = schema.safeParse(value)
  if (read.success) return read.data
  const issue = read.error.issues[0]!
  const path = issue.path.join('.')
  throw new Refusal(422, 'bad-field', `${path ? `“${path}”` : 'The request'} is not what is needed: ${issue.message}.`, path)
}

/** A route parameter that names something: short and plain. */
export function idOf(event: H3Event, name = 'id'): string {
  const id = getRouterParam(event, name) ?? ''
  if (!/^[\w-]{1,40}$/.test(id)) throw new Refusal(404, 'not-found', 'There is no such thing here.', name)
  return id
}
