import { expect, test } from '@playwright/test'
import { GAMES } from '../../core/games/index'
import type { GameId } from '../../core/games/ids'
import { WEIGHINGS } from '../../core/games/weighings'
import { expectFaultless, SIZES, tap, wider } from './helpers'

test.use({ hasTouch: true })

test('three positions are weighed by touch: one chooses, then sees what each choice is worth', async ({ page }) => {
  await page.goto('/rulebook/roof-tiles')
  await expect(page.getByText('take what uncovers more')).toBeVisible()
  await page.getByRole('link', { name: 'Weigh three positions' }).tap()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What good players look at Roof Tiles')
  const told = page.getByRole('region', { name: 'What it is worth' })
  await expect(told).not.toContainText('uncovers')
  await page.getByRole('button', { name: /The 6 at the end$/ }).tap()
  await expect(told).toContainText('Something else is better.')
  await expect(told.getByRole('listitem').filter({ hasText: 'The 6 beside the 4' })).toContainText('uncovers 1 tile')
  await expect(told.getByRole('listitem').filter({ hasText: 'The 6 at the end' })).toContainText('uncovers nothing')
  await tap(page, 'The next one')
  await expect(page.getByText('2 of 3')).toBeVisible()
  await page.getByRole('button', { name: /With the turned 6$/ }).tap()
  await expect(told).toContainText('So it is.')
  await expect(told).toContainText('leaves 32 at best')
  await tap(page, 'The one before')
  await expect(page.getByText('1 of 3')).toBeVisible()
})

test('by keyboard alone, to the end and back to the rulebook', async ({ page }) => {
  await page.goto('/weigh/brim')
  for (const at of ['1 of 3', '2 of 3', '3 of 3']) {
    await expect(page.getByText(at)).toBeVisible()
    await page.keyboard.press('1')
    await expect(page.getByRole('listitem').filter({ has: page.getByLabel('Better') })).toHaveCount(1)
    if (at !== '3 of 3') await page.keyboard.press('Enter')
  }
  await page.getByRole('link', { name: 'Back to the rulebook' }).last().press('Enter')
  await expect(page).toHaveURL(/rulebook\/brim/)
})

test('found by people’s words; a game that isn’t there is told', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Look up' }).tap()
  const drawer = page.getByRole('dialog', { name: 'Look up' })
  await drawer.getByRole('textbox', { name: 'Look up' }).fill('strategy brim')
  await drawer.getByRole('option', { name: /What good players look at: Brim/ }).tap()
  await expect(page).toHaveURL(/weigh\/brim/)
  await page.goto('/weigh/nothing')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No such game')
})

const SCANNED: ReadonlySet<string> = new Set(['roof-tiles', 'say-it-first', 'own-game'])

for (const { id } of GAMES)
  test(`${id}: every position is whole at every size, and nothing hides it`, async ({ page }) => {
    await page.goto(`/weigh/${id}`)
    for (const [i, { asks }] of WEIGHINGS[id as GameId].entries()) {
      await expect(page.getByText(asks)).toBeVisible()
      await page.keyboard.press('1')
      await expect(page.getByLabel('Better')).toHaveCount(1)
      for (const [width, height] of SIZES) {
        await page.setViewportSize({ width, height })
        await expect.poll(() => wider(page)).toBe(0)
        await expect(
          page
            .locator('footer')
            .getByRole(i < 2 ? 'button' : 'link')
            .last(),
        ).toBeInViewport({ ratio: 1 })
      }
      if (i < 2) await page.keyboard.press('Enter')
    }
    // The page is the same for every game, and each game's table is scanned at its desk.
    if (SCANNED.has(id)) await expectFaultless(page)
  })
