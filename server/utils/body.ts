import type { H3Event } from 'h3'
import type * as z from 'zod'
import { checked, Refusal } from './refusal'

/** Bytes that a request may have: an import is a match file with all its entries. */
const MOST_BYTES = 4_000_000
/** An archive of years of matches may be large. */
export const MOST_ARCHIVE = 100_000_000
/** Milliseconds in which what is too much is still let go by before the connection is ended. */
const LINGER_MS = 2000
/** Lists and objects within each other that a request may have; a tape needs five. */
const MOST_NESTED = 40

/** The request's JSON body, bounded in size and checked against `schema`. */
export async function bodyOf<T>(event: H3Event, schema: z.ZodType<T>, most?: number): Promise<T> {
  const text = await textOf(event, most)
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    throw new Refusal(400, 'not-json', 'The request must carry JSON.')
  }
  return checked(schema, json)
}

/**
 * The request's body as text, of at most `most` bytes: counted as they come, since what isn't announced has no end.
 * Refuses what is nested so deep that reading it would overflow.
 */
export async function textOf(event: H3Event, most = MOST_BYTES): Promise<string> {
  const text = (await bytesOf(event, most)).toString('utf8')
  refuseDeep(text)
  return text
}

/** Refuses JSON that is nested so deep that reading it would overflow. */
export function refuseDeep(text: string): void {
  if (isNestedDeeper(text, MOST_NESTED)) throw tooDeep()
}

export const tooDeep = () => new Refusal(422, 'too-deep', `Lists and objects go ${MOST_NESTED} deep at most.`)

/** The request's body as it came, of at most `most` bytes. */
export function bytesOf(event: H3Event, most = MOST_BYTES): Promise<Buffer> {
  const request = event.node.req
  const chunks: Buffer[] = []
  let bytes = 0
  return new Promise((resolve, reject) => {
    const count = (chunk: Buffer) => {
      bytes += chunk.length
      if (bytes > most) refuse()
      else chunks.push(chunk)
    }
    function refuse() {
      request.off('data', count)
      chunks.length = 0
      // What is still under way is let go by for a moment: where the connection ended at once, its sender would often
      // hear of a broken connection instead of the answer.
      request.resume()
      const end = setTimeout(() => request.destroy(), LINGER_MS)
      end.unref()
      request.once('close', () => clearTimeout(end))
      request.once('end', () => clearTimeout(end))
      const size = most >= 1e6 ? `${most / 1e6} MB` : `${most / 1e3} kB`
      reject(new Refusal(413, 'too-large', `At most ${size} can be sent at once.`))
    }
    if (Number(getRequestHeader(event, 'content-length') ?? 0) > most) return refuse()
    request.on('data', count)
    request.once('end', () => resolve(Buffer.concat(chunks)))
    request.once('error', reject)
    request.once('aborted', () => reject(new Refusal(400, 'broken-off', 'The request broke off.')))
  })
}

/** Whether lists and objects of a JSON text lie within each other more than `most` deep. */
export function isNestedDeeper(text: string, most: number): boolean {
  let depth = 0
  let quoted = false
  for (let i = 0; i < text.length; i++) {
    const letter = text.charCodeAt(i)
    if (quoted) {
      if (letter === BACKSLASH) i++
      else if (letter === QUOTE) quoted = false
    } else if (letter === QUOTE) quoted = true
    else if (letter === BRACKET || letter === BRACE) {
      if (++depth > most) return true
    } else if (letter === BRACKET + 2 || letter === BRACE + 2) depth--
  }
  return false
}

const [QUOTE, BACKSLASH, BRACKET, BRACE] = [0x22, 0x5c, 0x5b, 0x7b] as const
