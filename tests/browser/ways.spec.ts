import { expect, test } from '@playwright/test'
import { expectFaultless } from './helpers'
import { ownServer } from './server'

/** The week's ways: what was told here, fact by fact; nobody's name unless it is wished. A room of its own: others tell ways too. */
const server = ownServer(76)
test.use({ hasTouch: true, baseURL: server.address })
test.beforeAll(() => server.start())
test.afterAll(() => server.stop())

test('ways that were told stand under their fact, drawn; with names where wished; another week has none', async ({
  page,
  request,
}) => {
  const name = `Odalys ${Date.now() % 100_000}`
  const { id } = (await (await request.post('/api/people', { data: { name } })).json()) as { id: string }
  const seats = [
    { name, pennant: 1, personId: id },
    { name: 'Kofi', pennant: 2, personId: null },
  ]
  const made = await request.post('/api/matches', {
    data: { game: 'top-total', houseRules: { sides: 12, rounds: 9 }, seats, first: 1 },
  })
  const match = ((await made.json()) as { id: string }).id
  const told = [
    { said: 20, explained: true, how: 'made-ten' },
    {},
    { said: 20, explained: true, how: 'near-double' },
    {},
    // None of these is a way of a child's own.
    { said: 20, how: 'used-an-aid' },
    {},
    { said: 20, explained: true, how: 'passed' },
    {},
    { said: 21, explained: true, how: 'made-ten' },
  ]
  for (const [after, how] of told.entries()) {
    const play = { do: 'roll', by: (after % 2) + 1, dice: after % 2 ? [1, 1] : after ? [11, 9] : [9, 11], ...how }
    const sent = { id: `told-${Date.now()}-${after}`, after, entry: { play } }
    expect((await request.post(`/api/matches/${match}/entries`, { data: sent })).ok()).toBe(true)
  }
  await page.goto('/logbook')
  await page.getByRole('link', { name: 'The week’s ways' }).tap()
  const fact = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: '11 + 9 = 20' }) })
  await expect(fact).toHaveCount(1)
  await expect(fact).toContainText('made ten 1 time')
  await expect(fact).toContainText('11 + 9 = 20')
  await expect(fact).toContainText('near double 1 time')
  await expect(fact).toContainText('9 + 9 = 18')
  await expect(fact).not.toContainText(name)
  await page.getByText('With names').tap()
  await expect(fact).toContainText(`made ten ${name}`)
  await page.reload()
  await expect(fact).toContainText(name)
  await page.getByText('With names').tap()
  await expect(fact).not.toContainText(name)
  await expectFaultless(page)
  await page.goto('/ways?week=2020-01-06')
  await expect(page.getByText('No way was told in this week')).toBeVisible()
  await page.getByRole('link', { name: /The week after/ }).tap()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('13 January 2020')
})
