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

/** Calls the server's API. Throws `ApiError` and nothing else. */
export function callApi<T>(path: string, method: 'GET' | 'POST' | 'PATCH' | 'DELETE' = 'GET', body?: unknown): Promise<T> {
  return send(path, method, body === undefined ? undefined : JSON.stringify(body))
}

/** Posts a file's text as it is; the server reads it. Throws `ApiError` and nothing else. */
export function postText<T>(path: string, text: string): Promise<T> {
  return send(path, 'POST', text)
}

async function send<T>(path: string, method: string, body: string | undefined): Promise<T> {
  const unreachable = () => new ApiError(0, 'unreachable', 'The server can’t be reached.')
  let response: Response
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body,
    })
  } catch {
    throw unreachable()
  }
  const json = (await response.json().catch(() => null)) as Record<string, unknown> | null
  if (response.ok && json) return json as T
  if (!json || response.status === 502 || response.status === 503) throw unreachable()
  // Only where the server asks for the passcode at all; the page asked for is come back to.
  if (response.status === 401 && location.pathname !== '/enter') void navigateTo(`/enter?to=${encodeURIComponent(location.pathname)}`)
  throw new ApiError(response.status, String(json.code ?? 'broken'), String(json.says ?? 'Something broke.'), json)
}

/** The sentence of any error, for a person. */
export function saysOf(error: unknown): string {
  return error instanceof ApiError ? error.says : 'Something broke in the page; reload it. Nothing recorded is lost.'
}
