import { expect, test, type Page } from '@playwright/test'
import { expectScanned, tap } from './helpers'
import { ownServer } from './server'

/** A room whose clocks are not those of the server: its days are its own. */
const server = ownServer(90)
test.use({ hasTouch: true, viewport: { width: 1280, height: 800 }, baseURL: server.address })
test.beforeAll(() => server.start({ TZ: 'UTC' }))
test.afterAll(() => server.stop())

async function choose(page: Page, city: string, zone: string) {
  await page.goto('/keep')
  await page.getByLabel('Time zone of the room').click()
  await page.getByPlaceholder('Which city?').fill(city)
  await page.getByRole('option', { name: zone }).click()
  await expect(page.getByRole('region', { name: 'Days and weeks' })).toContainText('as set here')
}

test('Sunday evening in Greenwich is Monday morning for a room in Auckland', async ({ page }) => {
  const moment = '2026-11-22T20:30:00.000Z'
  const kept = {
    id: 'monday-morning',
    createdAt: moment,
    updatedAt: moment,
    name: 'Monday morning',
    used: 0,
    seats: [1, 2].map((pennant) => ({ pennant, personId: null })),
    recorded: [],
    match: { format: 'nimble-tally/match', version: 1, game: 'top-total', players: ['Ines', 'Bao'], entries: [] },
  }
  const archive = { format: 'nimble-tally/archive', version: 1, madeAt: moment, people: [], matches: [kept] }
  const answer = await server.post('/api/archive', archive)
  expect(await answer.json()).toMatchObject({ matches: 1 })

  await page.goto('/day/2026-11-22')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sunday, 22 November 2026')
  await expect(page.getByText('Monday morning')).toBeVisible()
  await choose(page, 'Auckland', 'Pacific/Auckland')
  const asked: string[] = []
  page.on('request', (sent) => asked.push(...(sent.url().match(/\/api\/day\?.*/) ?? [])))
  await page.goto('/day/2026-11-22')
  await expect(page.getByText('Nothing was played on this day.')).toBeVisible()
  // Once the room's zone is known, and not before it by the browser's.
  await page.waitForLoadState('networkidle')
  expect(asked).toEqual([expect.stringContaining('from=2026-11-21T11%3A00')])
  await page.getByRole('link', { name: 'The day after' }).tap()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Monday, 23 November 2026')
  await expect(page.getByText('Monday morning')).toBeVisible()
  await expectScanned(page)
  // Back to the server's own clocks.
  await page.goto('/keep')
  await tap(page, 'As this server’s own')
  await expect(page.getByRole('region', { name: 'Days and weeks' })).toContainText('as on this server')
  await page.goto('/day/2026-11-23')
  await expect(page.getByText('Nothing was played on this day.')).toBeVisible()
})
