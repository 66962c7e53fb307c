import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { makeMatch } from './helpers'

const roll = { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } }
const stop = { play: { do: 'stop', by: 1, said: 18 } }

async function views(request: Parameters<typeof makeMatch>[0]) {
  const live = await makeMatch(request, { entries: [roll] })
  const over = await makeMatch(request, { entries: [roll, stop, { call: 'finish' }] })
  const games = []
  for (const game of ['ask-for-rest', 'roof-tiles', 'perch-and-push', 'hundred-stops', 'column-keeper']) {
    const id = await makeMatch(request, { game, source: 'dealt', seed: 'buoy' })
    const { board } = await (await request.get(`/api/matches/${id}`)).json()
    games.push(`/match/${id}`, `/board/${board}`, `/rulebook/${game}`)
  }
  return ['/', '/new', '/new?game=roof-tiles', `/match/${live}`, `/match/${over}`, '/rulebook', '/rulebook/brim', '/keep', '/enter', ...games]
}

async function settle(page: Page, path: string) {
  await page.goto(path)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0)
}

test.slow()

for (const colorScheme of ['light', 'dark'] as const)
  test(`every view passes the accessibility scan (${colorScheme})`, async ({ browser, request, baseURL }) => {
    const context = await browser.newContext({ colorScheme, reducedMotion: 'reduce', baseURL })
    const page = await context.newPage()
    for (const path of await views(request)) {
      await settle(page, path)
      const { violations } = await new AxeBuilder({ page }).analyze()
      expect([path, violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`)]).toEqual([path, []])
    }
    await context.close()
  })

for (const [width, height] of [[1280, 800], [800, 1100], [390, 844], [640, 400]] as const)
  test(`nothing is cut off sideways at ${width}x${height}`, async ({ page, request }) => {
    await page.setViewportSize({ width, height })
    for (const path of await views(request)) {
      await settle(page, path)
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
      expect([path, wide]).toEqual([path, 0])
    }
  })

test('no request leaves the machine', async ({ page, request, baseURL }) => {
  const strangers: string[] = []
  page.on('request', (sent) => {
    const url = new URL(sent.url())
    if (url.protocol.startsWith('http') && url.origin !== baseURL) strangers.push(sent.url())
  })
  for (const path of await views(request)) {
    await settle(page, path)
    await page.waitForLoadState('load')
  }
  expect(strangers).toEqual([])
})

test('the shipped fonts and icons are really there', async ({ page }) => {
  const fonts: string[] = []
  page.on('response', (response) => {
    if (/\.woff2/.test(response.url()) && response.ok()) fonts.push(response.url())
  })
  await settle(page, '/')
  await expect.poll(() => fonts.length).toBeGreaterThanOrEqual(2)
  const icon = page.getByRole('link', { name: 'New match' }).last().locator('span').first()
  await expect(icon).toHaveCSS('mask-image', /svg/)
})

test('the desk’s JavaScript stays under 250 kB compressed', async ({ page, request }) => {
  const { gzipSync } = await import('node:zlib')
  const bodies: Promise<Buffer>[] = []
  page.on('response', (response) => {
    // What is only fetched ahead for other pages is not the desk's.
    if (response.request().resourceType() === 'script') bodies.push(response.body())
  })
  await settle(page, `/match/${await makeMatch(request)}`)
  const sizes = (await Promise.all(bodies)).map((body) => gzipSync(body).length)
  expect(sizes.reduce((a, b) => a + b, 0)).toBeLessThan(250_000)
})
