import { expect, test } from '@playwright/test'
import { holdBack } from './helpers'

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
