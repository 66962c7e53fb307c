import { statSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { GAMES } from '../../core/games/index'
import { openSelfPlay } from '../../core/kernel/selfPlay'
import { expectFaultless, faultsOf, greyWithoutReason, makeMatch, SIZES } from './helpers'

const PAGES = ['/', '/new', '/rulebook', '/keep', '/enter']

async function settle(page: Page, path: string) {
  await page.goto(path)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0)
}

for (const path of PAGES)
  test(`${path} passes the accessibility scan, light and dark, and nothing of it is cut off sideways`, async ({
    page,
  }) => {
    await settle(page, path)
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
      await expect.poll(() => greyWithoutReason(page)).toEqual([])
      expect([colorScheme, await faultsOf(page)]).toEqual([colorScheme, []])
    }
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height })
      // What the page lays out anew for a size comes a moment after it.
      await expect
        .poll(async () => [
          width,
          await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
        ])
        .toEqual([width, 0])
    }
  })

test('the shipped fonts and icons are really there; figures have a face of their own', async ({ page }) => {
  const fonts: string[] = []
  page.on('response', (response) => {
    if (/\.woff2/.test(response.url()) && response.ok()) fonts.push(response.url())
  })
  await settle(page, '/')
  await expect.poll(() => fonts.filter((url) => /bricolage/.test(url)).length).toBeGreaterThan(0)
  await expect.poll(() => fonts.filter((url) => /atkinson/.test(url)).length).toBeGreaterThan(0)
  const icon = page.getByRole('link', { name: 'New match' }).last().locator('span').first()
  await expect(icon).toHaveCSS('mask-image', /svg/)
})

test('the word or figure of a key that is one of a few stands in its middle', async ({ page }) => {
  for (const path of ['/workshop', '/new?game=brim', '/choices']) {
    await settle(page, path)
    const keys = page.locator('.key:has([role="radio"])')
    await expect(keys.first()).toBeVisible()
    const off = await keys.evaluateAll((all) =>
      all.flatMap((key) => {
        const words = document.createRange()
        words.selectNodeContents(key.querySelector('[data-slot="label"]')!)
        const middleOf = ({ left, right }: DOMRect) => (left + right) / 2
        const by = middleOf(words.getBoundingClientRect()) - middleOf(key.getBoundingClientRect())
        return Math.abs(by) < 2 ? [] : [`${key.textContent}: ${by}`]
      }),
    )
    expect([path, off]).toEqual([path, []])
  }
})

/** What a page asks for until the network is quiet. */
async function scriptsOf(page: Page, path: string) {
  const asked = new Set<string>()
  page.on('request', (sent) => {
    const { pathname } = new URL(sent.url())
    if (pathname.endsWith('.js')) asked.add(pathname)
  })
  await settle(page, path)
  await page.waitForLoadState('networkidle')
  // As it lies there to be sent: what the browser reports hangs on what it has at hand already.
  const sizes = [...asked].map(
    (name) =>
      statSync(`.output/public${name}.br`, { throwIfNoEntry: false })?.size ?? statSync(`.output/public${name}`).size,
  )
  return { kilobytes: Math.ceil(sizes.reduce((a, b) => a + b, 0) / 1000), files: sizes.length }
}

test.describe('without what was kept before', () => {
  test.use({ serviceWorkers: 'block' })
  for (const [path, kilobytes] of [
    ['/', 120],
    ['/rulebook', 166],
  ] as const)
    test(`${path} asks for ${kilobytes} kB of JavaScript as it is sent and 25 files of it at most`, async ({
      page,
    }) => {
      const asked = await scriptsOf(page, path)
      expect(asked.files).toBeGreaterThan(12)
      expect(asked.kilobytes, JSON.stringify(asked)).toBeLessThanOrEqual(kilobytes)
      expect(asked.files, JSON.stringify(asked)).toBeLessThanOrEqual(25)
    })

  for (const game of GAMES)
    test(`${game.id}: the desk asks for 210 kB of JavaScript as it is sent and 45 files of it at most`, async ({
      page,
      request,
    }) => {
      const { opening } = openSelfPlay({ game, players: ['Ines', 'Tomasz'], key: 'lantern' }).table
      // Another table at least, as where a room is refereed: then the desk leads there.
      await makeMatch(request)
      const asked = await scriptsOf(page, `/match/${await makeMatch(request, { game: game.id, opening })}`)
      expect(asked.files).toBeGreaterThan(25)
      expect(asked.kilobytes, JSON.stringify(asked)).toBeLessThanOrEqual(210)
      expect(asked.files, JSON.stringify(asked)).toBeLessThanOrEqual(45)
    })
})

test('an address that leads nowhere gets our own page, and a way on', async ({ page }) => {
  const answer = await page.goto('/submarine/7')
  expect(answer!.status()).toBeLessThan(500)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('There is no such page')
  await expectFaultless(page)
  await page.getByRole('button', { name: 'Rulebook' }).click()
  await expect(page).toHaveURL(/\/rulebook$/)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Rulebook')
})
