import { execFileSync } from 'node:child_process'
import { expect, test, type Page } from '@playwright/test'
import { choose, expectScanned, SIZES, tap, wider } from './helpers'

/** The lab: set up by touch, run in workers, the same numbers as from a shell. */
test.use({ hasTouch: true })

/** What `npm run lab` prints for the same question. */
const shell = (...args: string[]) =>
  JSON.parse(execFileSync('npx', ['tsx', 'scripts/lab/main.ts', ...args], { encoding: 'utf8' })) as {
    a: { says: string[] }
    verdict?: string[]
  }
const progress = (page: Page) => page.getByRole('region', { name: 'The run' }).getByRole('status')
/** A thousand matches take as long as they take: a machine that has other work is no fault. */
const ran = (page: Page) => expect(progress(page)).toHaveText('1000 of 1000', { timeout: 60_000 })

test('set up by touch and run: the same numbers as from a shell; the link brings the set-up back', async ({ page }) => {
  await page.goto('/lab')
  await choose(page, 'Game', 'Top Total')
  for (const player of ['Player 1', 'Player 2'])
    await page.getByRole('radiogroup', { name: player }).getByRole('radio', { name: 'Best' }).tap()
  await tap(page, 'A player')
  await page.getByRole('radiogroup', { name: 'Player 3' }).getByRole('radio', { name: 'Careless' }).tap()
  await page.getByLabel(/^Seed/).fill('jetty')
  await tap(page, 'Try it out')
  await ran(page)
  const told = await page.getByRole('region', { name: 'Matches' }).getByRole('listitem').allInnerTexts()
  expect(told).toEqual(
    shell('--game', 'top-total', '--players', 'best,best,careless', '--seed', 'jetty', '--pace', '12').a.says,
  )
  // Charts are told in words, and their numbers can be read.
  await expect(page.getByRole('img', { name: /^Length\. (Half the|Nine of ten) matches are over/ })).toBeVisible()
  const wins = page.locator('figure').filter({ hasText: 'Who wins' })
  await wins.getByText('The numbers').tap()
  await expect(wins.locator('tbody td:first-child')).toHaveText(['Begins', 'Player 2', 'Player 3'])
  expect(await wins.getByRole('link', { name: 'CSV' }).getAttribute('href')).toContain('Place%20in%20the%20order')
  await page.goto(page.url())
  await expect(
    page.getByRole('radiogroup', { name: 'Player 3' }).getByRole('radio', { name: 'Careless' }),
  ).toBeChecked()
  await expect(page.getByLabel(/^Seed/)).toHaveValue('jetty')
  // Without an address it is what was tried last.
  await page.goto('/lab')
  await expect(page.getByRole('button', { name: 'Game', exact: true })).toHaveText('Top Total')
})

test('paused, gone on with and stopped while the page stays at hand; what came so far is kept', async ({ page }) => {
  await page.goto('/lab?game=six-heaps&players=best,best&n=100000')
  await tap(page, 'Try it out')
  await expect(progress(page)).toContainText('seconds left')
  await tap(page, 'Pause')
  await expect(progress(page)).toContainText('paused')
  // A piece that was under way may still come in.
  await expect
    .poll(
      async () =>
        (await progress(page).innerText()) === (await page.waitForTimeout(700), await progress(page).innerText()),
    )
    .toBe(true)
  const before = Number((await progress(page).innerText()).split(' of ')[0]!.replaceAll(',', ''))
  expect(before).toBeGreaterThan(0)
  await tap(page, 'Go on')
  await expect
    .poll(async () => Number((await progress(page).innerText()).split(' of ')[0]!.replaceAll(',', '')))
    .toBeGreaterThan(before)
  // While it runs the page takes every touch.
  await page.getByRole('radiogroup', { name: 'Player 1' }).getByRole('radio', { name: 'Careless' }).tap()
  await tap(page, 'Stop')
  await expect(page.getByRole('region', { name: 'Matches' }).getByRole('listitem').first()).toContainText(
    /matches are over within/,
  )
  await expect(page.getByText('What stands below is of what was set up before.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Try it out' })).toBeEnabled()
})

test('A against B: a verdict as from a shell, and one touch to a table that plays by it', async ({ page }) => {
  await page.goto('/lab?game=top-total&players=best,best&seed=buoy&pace=12')
  await tap(page, 'Compare with rules B')
  const b = page.getByRole('group', { name: 'Rules B' })
  await b.getByRole('button', { name: /^Rule by rule/ }).tap()
  await b.locator('[data-rule="rounds"]').getByRole('spinbutton').fill('5')
  await b.locator('[data-rule="rounds"]').getByRole('spinbutton').blur()
  await tap(page, 'Try it out')
  await ran(page)
  const told = await page.getByRole('region', { name: 'A against B' }).getByRole('paragraph').allInnerTexts()
  expect(told).toEqual(
    shell('--game', 'top-total', '--players', 'best,best', '--seed', 'buoy', '--pace', '12', '--other', '{"rounds":5}')
      .verdict,
  )
  expect(told[0]).toMatch(/^B takes 2 minutes less/)
  await page.getByRole('link', { name: 'Play with B' }).tap()
  await expect(page).toHaveURL(/\/new\?game=top-total/)
  await expect(page.locator('[data-rule="rounds"]').getByRole('spinbutton')).toHaveValue('5')
  // And from the table back to the lab, with its rules.
  await page.getByRole('link', { name: 'Try these rules in the lab' }).tap()
  await expect(page).toHaveURL(/\/lab\?game=top-total/)
  await expect(page.getByRole('button', { name: 'Rule by rule (1 changed)' })).toBeVisible()
})

test('a rule is searched: about so many minutes, taken into the rules with one touch', async ({ page }) => {
  await page.goto('/lab?game=top-total&players=best,best&pace=15')
  const search = page.getByRole('region', { name: 'Search for a rule' })
  await expect(search.getByRole('button', { name: 'Rule', exact: true })).toHaveText('Rounds')
  await search.getByLabel('Minutes that a match is to take').fill('6')
  await search.getByLabel('Minutes that a match is to take').blur()
  await search.getByRole('button', { name: 'Search' }).tap()
  await search.getByRole('button', { name: 'Take 12 into rules A' }).tap()
  await expect(page).toHaveURL(/rounds%22:12|rounds%22%3A12|rounds":12/)
})

test('an address that makes no sense is no harm; rules that don’t fit are marked', async ({ page }) => {
  await page.goto('/lab?game=nowhere&a=%7Bbroken&players=clever,best&n=-5&pace=9999')
  await expect(page.getByRole('button', { name: 'Try it out' })).toBeEnabled()
  await page.goto('/lab?game=top-total&a=%7B%22rounds%22%3A9999%7D&players=best,best')
  await expect(page.getByRole('button', { name: 'Try it out' })).toBeDisabled()
  await expect(page.locator('[data-rule="rounds"]').getByRole('alert')).toBeVisible()
})

test('the page passes the scan with its charts, and nothing is cut off sideways', async ({ page }) => {
  test.slow()
  await page.goto('/lab?game=exact-landing&players=careful,careful&b=%7B%22goal%22%3A9%7D')
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
    await tap(page, 'Try it out')
    await ran(page)
    await expectScanned(page)
  }
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect.poll(() => wider(page)).toBe(0)
  }
})
