import { expect, type APIRequestContext, type Page } from '@playwright/test'

export interface MatchParts {
  names?: string[]
  game?: string
  houseRules?: Record<string, unknown>
  first?: number
  source?: 'table' | 'dealt'
  seed?: string
  opening?: unknown
  entries?: unknown[]
}

/** A match made through the API, with `entries` recorded in it; returns its id. */
export async function makeMatch(request: APIRequestContext, parts: MatchParts = {}): Promise<string> {
  const { names = ['Ines', 'Tomasz'], game = 'brim', houseRules = {}, first = 1, source = 'table', seed = null, opening = null, entries = [] } = parts
  const seats = names.map((name, i) => ({ name, pennant: i + 1 }))
  const made = await request.post('/api/matches', { data: { game, houseRules, seats, first, source, seed, opening } })
  expect(made.status()).toBe(201)
  const { id } = (await made.json()) as { id: string }
  for (const [i, entry] of entries.entries()) {
    const answer = await append(request, id, i, entry)
    expect(answer.ok()).toBe(true)
  }
  return id
}

export function append(request: APIRequestContext, match: string, after: number, entry: unknown, id = `test-${crypto.randomUUID()}`) {
  return request.post(`/api/matches/${match}/entries`, { data: { id, after, entry } })
}

export async function openDesk(page: Page, match: string) {
  await page.goto(`/match/${match}`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
}

/** An entry of the tape that is a play. */
export const play = (fields: object) => ({ play: fields })

/** Touches the first button of this name. */
export const tap = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: typeof name === 'string' }).first().tap()

/** The score shown for a seat on the desk. */
export function score(page: Page, seat: number) {
  return page.locator(`[data-score="${seat}"]`)
}

export const verdict = (page: Page) => page.getByTestId('verdict')
export const tape = (page: Page) => page.getByRole('region', { name: 'Tape' })

/** What the server has of a match. */
export async function entriesOf(request: APIRequestContext, match: string): Promise<unknown[]> {
  const answer = await request.get(`/api/matches/${match}`)
  const { entries } = (await answer.json()) as { entries: { entry: unknown }[] }
  return entries.map(({ entry }) => entry)
}
