import { expect, test } from '@playwright/test'
import { entriesOf, expectScanned, makeMatch, openDesk, tap, wider, winner } from './helpers'

test.use({ hasTouch: true })

test('roofs played on paper: what is left is added card by card, compared with what was said, and decides', async ({
  page,
  request,
}) => {
  await page.goto('/new?game=roof-tiles')
  await page.getByLabel('Name of player 1').fill('Odalys')
  await page.getByLabel('Name of player 2').fill('Kofi')
  // Nothing need be laid out for it.
  await tap(page, /Played on paper/)
  const sheet = page.getByRole('dialog', { name: 'Only the result' })
  const odalys = sheet.getByRole('group', { name: 'Odalys', exact: true })
  await odalys.getByRole('button', { name: 'Card by card' }).tap()
  for (const card of [5, 3, 4]) {
    await odalys.getByRole('button', { name: `What is left: put in ${card}`, exact: true }).tap()
    // A second touch at once could be the first one's double.
    await page.waitForTimeout(400)
  }
  await odalys.getByRole('spinbutton', { name: 'Odalys reached' }).fill('13')
  await odalys.getByRole('spinbutton', { name: 'Odalys reached' }).press('Enter')
  await expect(odalys.getByRole('status')).toHaveText('5 + 3 + 4 = 12, not 13: look at it together. 12 counts.')
  await sheet.getByRole('spinbutton', { name: 'Kofi reached' }).fill('7')
  await sheet.getByRole('spinbutton', { name: 'Kofi reached' }).press('Tab')
  await expectScanned(page)
  await page.setViewportSize({ width: 390, height: 844 })
  expect(await wider(page)).toBe(0)
  await tap(page, 'Who won?')
  await expect(winner(page)).toHaveText('Kofi wins')
  const said = page.getByRole('region', { name: 'Announcement' })
  await expect(said).toContainText('Played on paper; what was reached decides.')
  await expect(said).toContainText('Odalys said 13')
  await expect(said).not.toContainText('The app dealt')
  const match = page.url().split('/').pop()!.split('?')[0]!
  expect(await entriesOf(request, match)).toMatchObject([{ call: 'on-paper', reached: [12, 7], why: 'Odalys said 13' }])
  await page.goto('/logbook')
  await expect(page.getByText('Kofi').first()).toBeVisible()
  await expect(page.locator(`a[href*="${match}"]`).first()).toBeVisible()
})

test('from the desk before the first play; taken back it is played here', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'own-game', houseRules: { wins: 'fewest' } })
  await openDesk(page, match)
  await tap(page, 'More')
  await tap(page, /Only the result/)
  const sheet = page.getByRole('dialog', { name: 'Only the result' })
  await sheet.getByRole('spinbutton', { name: 'Tomasz reached' }).fill('31')
  await sheet.getByRole('spinbutton', { name: 'Tomasz reached' }).press('Tab')
  await tap(page, 'Who won?')
  await expect(winner(page)).toHaveText('Ines wins')
  await tap(page, 'Take back')
  await expect(page.getByRole('region', { name: 'Pad' })).toBeVisible()
  await page.getByRole('region', { name: 'Pad' }).getByRole('button', { name: 'Rolled a 4' }).tap()
  await page.waitForTimeout(400)
  await page.getByRole('region', { name: 'Pad' }).getByRole('button', { name: 'Rolled a 2' }).tap()
  await tap(page, /^Makes 6, said 6/)
  await tap(page, 'More')
  await expect(page.getByRole('menu')).toBeVisible()
  await expect(page.getByRole('menuitem', { name: /Only the result/ })).toHaveCount(0)
})
