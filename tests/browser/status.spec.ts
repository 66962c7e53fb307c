import { expect, test, type Page } from '@playwright/test'
import { makeMatch, openDesk, SIZES, standBetween } from './helpers'

/** What the desk says of the server, in each of its ways. */
const STATES: Readonly<Record<string, (page: Page) => Promise<void>>> = {
  'No connection': async (page) => {
    await page.route('**/api/**', (route) => route.abort())
    // The copy that this device keeps: what was heard of the server is gone with the page.
    await page.reload()
  },
  '1 waiting': async (page) => {
    await standBetween(page, '**/api/matches/*/entries', (route) => route.abort())
    await page.keyboard.type('11111')
    await page.keyboard.press('Enter')
  },
  'Not recorded: ': async (page) => {
    const says = 'The disk of the server is full: make room there, then the desk goes on by itself, nothing is lost.'
    await standBetween(page, '**/api/matches/*/entries', (route) =>
      route.fulfill({ status: 507, json: { code: 'full', says } }),
    )
    await page.keyboard.type('11111')
    await page.keyboard.press('Enter')
  },
}

for (const [words, reach] of Object.entries(STATES))
  test(`“${words.trim()}” leaves every key of the desk where a finger can reach it, at every size`, async ({
    page,
    request,
  }) => {
    const match = await makeMatch(request, { players: ['Odalys', 'Tomasz', 'Ines', 'Yusuf'], name: 'Lantern' })
    await openDesk(page, match)
    await reach(page)
    const status = page.locator('header .status')
    await expect(status).toContainText(words)
    for (const [width, height] of SIZES) {
      const low = height < 544
      await page.setViewportSize({ width, height })
      for (const key of [
        status,
        page.getByRole('button', { name: 'Take back' }),
        page.getByRole('button', { name: 'More', exact: true }),
        // Where the page is lower than the pad, that is scrolled to.
        ...(low ? [] : [page.getByRole('region', { name: 'Pad' })]),
      ])
        await expect(key, `${width}x${height}`).toBeInViewport({ ratio: 0.99 })
      const box = await status.boundingBox()
      // Three lines of it at most, at any size.
      expect(box!.height, `${width}x${height}`).toBeLessThan(70)
    }
  })
