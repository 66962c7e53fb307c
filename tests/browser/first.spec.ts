import { expect, test } from '@playwright/test'
import { faultsOf, SIZES, tap, wider } from './helpers'
import { ownServer } from './server'

test.use({ hasTouch: true })
const fresh = ownServer(132)
test.afterEach(() => fresh.stop())

test('where nothing was played yet, a match is set up one question after the other', async ({ page }) => {
  await fresh.start()
  await page.goto(fresh.address)
  await expect(page.getByText('No table yet')).toBeVisible()
  await page.getByRole('link', { name: 'Set up the first match' }).tap()
  await tap(page, /^Brim/)
  await tap(page, /^Next: Players/)
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused()
  const [one, two] = [page.getByLabel('Name of player 1'), page.getByLabel('Name of player 2')]
  await one.fill('Ines')
  await two.fill('ines')
  // What doesn't fit is said where it is asked, and nothing further is shown before it fits.
  await tap(page, /^Next: House rules/)
  await expect(page.getByRole('alert')).toContainText('Two players are called')
  await expect(one).toHaveValue('Ines')
  await two.fill('Tomasz')
  await tap(page, /^Next: House rules/)
  await expect(page.getByRole('alert')).toHaveCount(0)
  const agreed = page.getByRole('region', { name: 'Agreed' })
  await page.locator('[data-rule="rounds"]').getByRole('spinbutton').fill('3')
  await page.locator('[data-rule="rounds"]').getByRole('spinbutton').press('Tab')
  await expect(agreed).toContainText('3 rounds')
  await tap(page, /^Next: Table/)
  await expect(agreed).toContainText('3 rounds')
  // The browser's Back is the step before; what was typed is still there.
  await page.goBack()
  await page.goBack()
  await expect(two).toHaveValue('Tomasz')
  await two.fill('')
  // By the steps themselves too: no further than what fits.
  await page.getByRole('button', { name: 'Table' }).tap()
  await expect(page.getByRole('alert')).toContainText('Every player needs a name')
  await expect(two).toBeFocused()
  await two.fill('Wren')
  await page.getByRole('button', { name: 'Table' }).tap()
  await tap(page, 'Start the match')
  await expect(page).toHaveURL(/\/match\//)
  await expect(page.getByRole('list', { name: 'Players' })).toContainText('Wren')
  await expect(page.getByText('Round 1 of 3')).toBeVisible()
  await page.goto(fresh.address)
  await expect(page.getByRole('list', { name: 'Live matches' })).toContainText('Wren')
})

test('every step does at every size, and for whoever reads it by ear', async ({ page }) => {
  for (const step of ['game', 'players', 'rules', 'table']) {
    await page.goto(`/first?step=${step}`)
    await expect(page.getByRole('button', { name: /^(Next|Start the match)/ })).toBeVisible()
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height })
      await expect.poll(() => wider(page)).toBe(0)
      await expect(page.getByRole('button', { name: /^(Next|Start the match)/ })).toBeInViewport({ ratio: 0.99 })
    }
    expect([step, await faultsOf(page)]).toEqual([step, []])
  }
})
