import type { Answer, Method, NoSuchRoute } from './routes'

/** A refusal by the server, or the loss of it (`code: 'unreachable'`). */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    readonly says: string,
    readonly body: Readonly<Record<string, unknown>> = {},
  ) {
    super(says)
    this.name = 'ApiError'
  }

  get unreachable(): boolean {
    return this.code === 'unreachable'
  }
}

/** Tries again are the outbox's business, not a single request's. */
const api = $fetch.create({ retry: 0, responseType: 'json' }) as (path: string, options: object) => Promise<unknown>

/** Calls a route of the server's, and answers what that gives. Throws `ApiError` and nothing else. */
export function callApi<Path extends string, Asks extends Method = 'GET'>(
  path: Path,
  method?: Asks,
  body?: object,
  ..._: NoSuchRoute<Path, Asks>
): Promise<Answer<Path, Asks>> {
  return send(path, { method: method ?? 'GET', body })
}

/** Posts a file's text as it is; the server reads it. Throws `ApiError` and nothing else. */
export function postText<Path extends string>(
  path: Path,
  text: string,
  ..._: NoSuchRoute<Path, 'POST'>
): Promise<Answer<Path, 'POST'>> {
  return send(path, { method: 'POST', body: text, headers: { 'content-type': 'application/json' } })
}

async function send<T>(
  path: string,
  options: { method: Method; body?: object | string; headers?: Record<string, string> },
): Promise<T> {
  try {
    return (await api(path, options)) as T
  } catch (error) {
    throw errorOf(error)
  }
}

function errorOf(error: unknown): ApiError {
  const { status = 0, data } = error as { status?: number; data?: Record<string, unknown> | null }
  if (!data || typeof data !== 'object' || status === 502 || status === 503)
    return new ApiError(0, 'unreachable', 'The server can’t be reached.')
  // Only where the server asks for the passcode at all; the page asked for is come back to.
  if (status === 401 && data.code === 'passcode-needed' && location.pathname !== '/enter')
    void navigateTo(`/enter?to=${encodeURIComponent(location.pathname)}`)
  return new ApiError(status, String(data.code ?? 'broken'), String(data.says ?? 'Something broke.'), data)
}

/** What is wrong with a file, and where. */
export interface FileProblem {
  readonly path: string
  readonly says: string
}

/** Everything that the server found wrong with a file; undefined where the error is another one. */
export function problemsOf(error: unknown): readonly FileProblem[] | undefined {
  return error instanceof ApiError ? (error.body.problems as FileProblem[] | undefined) : undefined
}

/** The sentence of any error, for a person. */
export function saysOf(error: unknown): string {
  return error instanceof ApiError ? error.says : 'Something broke in the page; reload it. Nothing recorded is lost.'
}
