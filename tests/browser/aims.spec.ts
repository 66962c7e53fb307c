import { expect, test, type APIRequestContext } from '@playwright/test'
import { append, boardOf, expectFaultless, openDesk, play, tap } from './helpers'

/** What a child works on, and what is its own best: set by touch, and compared with nobody. */
test.use({ hasTouch: true })

async function child(request: APIRequestContext, name: string): Promise<string> {
  const made = await request.post('/api/people', { data: { name } })
  return ((await made.json()) as { id: string }).id
}

test('a child works on a table: set by touch, first in the suggestions, and the house rules go by it', async ({
  page,
  request,
}) => {
  const [one, other] = [await child(request, 'Aimee Lock'), await child(request, 'Barge Hand')]
  await request.patch(`/api/people/${other}`, { data: { aims: [{ kind: 'table', of: 4 }] } })
  await page.goto(`/people/${one}`)
  const working = page.getByRole('region', { name: 'Working on' })
  await tap(page, 'The table of 7')
  await expect(working).toContainText('The table of 7: 0 of 12 sure')
  await tap(page, 'Pairs that make')
  await tap(page, 'Pairs that make 12')
  await tap(page, 'Sums to')
  await tap(page, 'Sums to 20')
  await page.reload()
  await expect(working.getByRole('listitem')).toHaveCount(3)
  await tap(page, 'No longer sums to 20')
  await expect(working.getByRole('listitem')).toHaveCount(2)
  await expectFaultless(page)

  const next = page.getByRole('region', { name: 'What to play next' }).getByRole('listitem')
  await expect(next.first()).toContainText('The table of 7')
  await expect(next.nth(2)).toContainText('Pairs that make 12')
  await next.filter({ hasText: 'Table Ladder' }).getByRole('link').tap()
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('7')
  await expect(page.getByRole('button', { name: 'The house rules go by that' })).toBeDisabled()

  // At one table each ladder goes by its own child's table.
  await page.goto(`/new?game=table-ladder&with=Aimee%20Lock&with=Barge%20Hand`)
  const offer = page.getByRole('region', { name: 'Working on' })
  await expect(offer).toContainText('Aimee Lock works on the table of 7 and pairs that make 12.')
  await tap(page, 'Let the house rules go by that')
  await expect(offer.getByRole('button')).toBeDisabled()
  const started = page.waitForRequest((sent) => sent.method() === 'POST' && sent.url().endsWith('/api/matches'))
  await tap(page, 'Start the match')
  expect((await started).postDataJSON()).toMatchObject({ houseRules: { factors: [7, 4] } })
})

test('aims are kept in a person’s file and the archive, and only true ones', async ({ request }) => {
  const id = await child(request, 'Creel Weaver')
  const aims = [{ kind: 'sums', to: 10 }]
  const set = (given: unknown) => request.patch(`/api/people/${id}`, { data: { aims: given } })
  expect((await set(aims)).ok()).toBe(true)
  expect(await (await request.get(`/api/people/${id}/export`)).json()).toMatchObject({ aims })
  const { people } = (await (await request.get('/api/archive')).json()) as { people: { id: string; aims?: unknown }[] }
  expect(people.find((person) => person.id === id)?.aims).toEqual(aims)
  for (const wrong of [[{ kind: 'table', of: 0 }], [...aims, ...aims], [{ kind: 'rain' }], 'sums'])
    expect((await set(wrong)).status()).toBe(422)
})

test('the best yet is told to the child whose own it is, on the desk alone, and stands on its page', async ({
  page,
  request,
}) => {
  const people = [await child(request, 'Dory Pike'), await child(request, 'Eel Grass')]
  async function match(spins: readonly (readonly [number, number])[]) {
    const seats = people.map((personId, i) => ({ name: ['Dory Pike', 'Eel Grass'][i], pennant: i + 1, personId }))
    const made = await request.post('/api/matches', {
      data: { game: 'ten-turn-haul', houseRules: { turns: 6 }, seats, first: 1 },
    })
    const { id } = (await made.json()) as { id: string }
    const totals = [0, 0]
    for (const [n, values] of spins.entries())
      for (const [i, value] of values.entries()) {
        totals[i]! += value
        await append(request, id, 2 * n + i, play({ do: 'spin', by: i + 1, value, said: totals[i] }))
      }
    return id
  }
  const turns = (mine: number, theirs: number) => Array.from({ length: 6 }, () => [mine, theirs] as const)
  await match(turns(4, 9))
  const second = await match(turns(5, 8))
  await openDesk(page, second)
  const told = page.getByRole('list', { name: 'Own bests' })
  await expect(told).toHaveText(/Dory Pike\s*: your best yet!/)
  await expect(told).not.toContainText('Eel Grass')
  await page.goto(await boardOf(request, second))
  await expect(page.getByRole('region', { name: 'Announcement' })).toBeVisible()
  await expect(page.locator('body')).not.toContainText('best yet')

  await page.goto(`/people/${people[0]}`)
  const bests = page.getByRole('region', { name: 'Own bests' })
  await expect(bests).toContainText('most 30')
  await expect(bests.getByRole('img')).toHaveAccessibleName('Scores in order: 24, 30')
  await page.goto(`/people/${people[1]}`)
  await expect(bests).toContainText('most 54')
})
