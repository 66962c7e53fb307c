import { isSchool } from '../school/here'
import { environment } from '../utils/environment'

/** Whether this server is for this machine alone, from the address that it listens on. */
export function isLocalOnly(): boolean {
  return isLoopback(environment().host)
}

/** Whether whoever asks has to say who they are: on a network, and in a school, where rooms are told apart by it. */
export function asksPasscode(): boolean {
  return isSchool() || !isLocalOnly()
}

/** Whether a host name or address means this machine. */
export function isLoopback(host: string): boolean {
  return /^(localhost|127(\.\d{1,3}){3}|\[?::1\]?|::ffff:127\.0\.0\.1)$/i.test(host)
}

/** The host of a `Host` or `Origin` value, without its port; empty when it can't be read. */
export function hostName(value: string): string {
  try {
    return new URL(value.includes('//') ? value : `http://${value}`).hostname
  } catch {
    return ''
  }
}

/** What may be asked for without the passcode: boards by their link, being let in, and whether the server is up. */
export function isOpen(method: string, path: string): boolean {
  if (['/api/session', '/api/helper', '/api/keeper/session'].includes(path)) return true
  return method === 'GET' && (/^\/api\/(health|alive|metrics)$/.test(path) || boardLink(path) !== null)
}

/** What a helper may ask for: looking at the one match, and its tape, where each entry is looked at once more. */
export function isHelpers(method: string, path: string, match: string): boolean {
  const its = `/api/matches/${match}`
  if (method === 'GET') return path === its || path === `${its}/live`
  return method === 'POST' && path === `${its}/entries`
}

/** What the keeper of a school asks for: rooms, never what is in them. */
export const isKeepers = (path: string): boolean => path.startsWith('/api/keeper/')

/** The link of a board that is asked for; null where it is something else. */
export const boardLink = (path: string): string | null =>
  /^\/api\/(?:room\/)?boards\/([\w-]+)(?:\/live)?$/.exec(path)?.[1] ?? null
