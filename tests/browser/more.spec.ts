import { expect, test } from '@playwright/test'
import { axe, makeMatch, openDesk, pad, SIZES, tap } from './helpers'

test.use({ hasTouch: true })

test('the menu lies within the page at every size, to its last line, and is read out by its name', async ({
  page,
  request,
}) => {
  await openDesk(page, await makeMatch(request))
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await tap(page, 'More')
    const menu = page.getByRole('menu', { name: 'More' })
    await expect(menu).toBeInViewport({ ratio: 1 })
    // What a menu has below its edge is reached by its arrow keys, which the rule doesn't know.
    const scan = axe(page).include('[role="menu"]').disableRules('scrollable-region-focusable')
    const { violations } = await scan.analyze()
    expect([width, violations.map(({ id, nodes }) => [id, nodes[0]?.html])]).toEqual([width, []])
    await page.keyboard.press('End')
    await expect(menu.getByRole('menuitem', { name: 'Shortcuts' })).toBeInViewport({ ratio: 1 })
    // Every line is as high as a thumb.
    const low = await menu
      .locator('[role^="menuitem"]')
      .evaluateAll((items) =>
        items.filter((item) => item.getBoundingClientRect().height < 44).map((item) => item.textContent),
      )
    expect(low).toEqual([])
    await page.keyboard.press('Escape')
    await expect(menu).toHaveCount(0)
    await expect(page.getByRole('button', { name: 'More', exact: true })).toHaveAttribute('aria-expanded', 'false')
  }
})

test('by keyboard alone: lines, what folds out of them, and back to the pad', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request))
  await page.keyboard.press('m')
  const menu = page.getByRole('menu', { name: 'More' })
  await expect(menu).toBeVisible()
  await page.keyboard.type('ta')
  await expect(menu.getByRole('menuitem', { name: 'Take it along' })).toBeFocused()
  await page.keyboard.press('ArrowRight')
  const file = page.getByRole('menuitem', { name: 'Match file' })
  await expect(file).toBeFocused()
  await expect(file).toHaveAttribute('href', /export\?as=json$/)
  const coming = page.waitForEvent('download')
  await page.keyboard.press('Enter')
  expect((await coming).suggestedFilename()).toMatch(/\.json$/)
  await expect(menu).toHaveCount(0)
  await expect(pad(page)).toBeFocused()
  await page.keyboard.press('m')
  await expect(menu).toBeVisible()
  await page.keyboard.type('the')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'Tape' })).toContainText('chart')
  await expect(pad(page)).toBeFocused()
})

test('tape and eye by touch and by arrow keys on a phone; Enter stays the pad’s', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openDesk(page, await makeMatch(request))
  const [table, tape, eye] = ['Table', /^Tape/, 'Eye'].map((name) => page.getByRole('tab', { name }))
  await expect(table!).toHaveAttribute('aria-selected', 'true')
  await expect(page.getByRole('tabpanel', { name: 'Table' })).toBeVisible()
  await pad(page).focus()
  await tape!.tap()
  await expect(page.getByRole('region', { name: 'Tape' })).toBeVisible()
  await expect(page.getByRole('tabpanel', { name: 'Table' })).toBeHidden()
  await expect(pad(page)).toBeFocused()
  await tape!.focus()
  await page.keyboard.press('ArrowRight')
  await expect(eye!).toHaveAttribute('aria-selected', 'true')
  await expect(page.getByRole('region', { name: 'The referee’s eye' })).toBeVisible()
  // With room enough nothing is behind anything.
  await page.setViewportSize({ width: 1280, height: 800 })
  await expect(page.getByRole('tab')).toHaveCount(0)
  await expect(page.getByRole('tabpanel')).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Table' })).toBeVisible()
})
