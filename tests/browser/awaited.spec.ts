import { expect, test } from '@playwright/test'
import { holdBack, later, makeMatch } from './helpers'

/** Pages that ask for something before they show it, what they ask, and what they say meanwhile. */
const WAITING = [
  ['/', '**/api/matches?*', 'Looking round the room'],
  ['/people', '**/api/people/seen', 'Looking it up'],
  ['/room', '**/api/people*', 'Looking who is known'],
  ['/choices', '**/api/choices*', 'Counting'],
  ['/ways', '**/api/ways*', 'Looking them up'],
  ['/logbook', '**/api/logbook?*', 'Turning the pages'],
  ['/day/today', '**/api/day*', 'Looking back on it'],
] as const

test('a page that waits says for what, over the shape of what will stand there', async ({ page }) => {
  for (const [path, asked, says] of WAITING) {
    const back = await holdBack(page, asked)
    await page.goto(path)
    const waits = page.locator('[aria-busy="true"]').filter({ hasText: says })
    await expect(waits, path).toBeVisible()
    // Read out as words alone.
    await expect(waits.getByRole('alert', { includeHidden: false }), path).toHaveCount(0)
    await expect(waits.locator('[aria-hidden="true"] > *').first(), path).toBeVisible()
    await expect.poll(() => back.held, path).toBeGreaterThan(0)
    back.letGo()
    await expect(waits, path).toHaveCount(0)
    await page.unroute(asked)
  }
})

test('a page whose question is not answered says why, and is whole once it is', async ({ page }) => {
  for (const [path, asked] of WAITING) {
    await page.route(asked, (route) => route.fulfill({ status: 503, json: { data: { says: 'The tide is out.' } } }))
    await page.goto(path)
    await expect(page.getByRole('alert').filter({ hasText: /./ }).first(), path).toBeVisible()
    await expect(page.locator('[aria-busy="true"]'), path).toHaveCount(0)
    await page.unroute(asked)
    await page.reload()
    await expect(page.getByRole('heading', { level: 1 }), path).toBeVisible()
    await expect(page.locator('[aria-busy="true"]'), path).toHaveCount(0)
    await expect(page.getByRole('alert').filter({ hasText: /./ }), path).toHaveCount(0)
  }
})

test('older matches that come after another question was asked are not put under its answer', async ({
  page,
  request,
}) => {
  await makeMatch(request, { name: 'Breakwater' })
  let letGo = () => {}
  const gate = new Promise<void>((go) => (letGo = go))
  await page.route('**/api/logbook?*', async (route) => {
    const url = route.request().url()
    const newest = await route.fetch({ url: url.replace(/&before=.*/, '') })
    const told = (await newest.json()) as object
    if (new URL(url).searchParams.has('before')) await gate
    await route.fulfill({ json: { ...told, next: '2026-11-28T10:00:00.000Z~breakwater' } })
  })
  await page.goto('/logbook')
  await expect(page.getByText('Breakwater').first()).toBeVisible()
  const asked = page.waitForRequest(/before=/)
  await page.getByRole('button', { name: 'Older ones' }).click()
  await asked
  await page.getByLabel('Find in the logbook').fill('no table is called that')
  await expect(page.getByRole('status').filter({ hasText: '0 matches' })).toBeVisible()
  letGo()
  await later(page)
  await expect(page.getByText('Breakwater')).toHaveCount(0)
})
