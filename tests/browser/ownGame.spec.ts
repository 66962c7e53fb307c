import { expect, test, type Page } from '@playwright/test'
import { entriesOf, tap, winner } from './helpers'
import { ownServer } from './server'

test.use({ hasTouch: true })

const fresh = ownServer(111)
const blank = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^${name}:`) })
/** Touches a face; a second touch of a finger at the same place comes a moment later. */
async function touchFace(page: Page, face: number) {
  const pad = page.getByRole('region', { name: 'Pad' })
  await page.waitForTimeout(400)
  await pad
    .getByRole('button', { name: new RegExp(`^(?!Figure).* ${face}$`) })
    .first()
    .tap()
}
/** Throws two dice by touch, and hands over what they make. */
async function throws(page: Page, first: number, second: number, makes: RegExp) {
  await touchFace(page, first)
  await touchFace(page, second)
  await tap(page, makes)
}

test('from nothing to played again: made up, played with a special, a take-back and a changed goal, printed, handed on', async ({
  page,
  request,
}) => {
  // Made up by touch alone: a race to thirty, doubles give five, a two costs nothing else.
  await page.goto('/workshop')
  await tap(page, 'Ten rounds')
  await blank(page, 'Goal').tap()
  await page.getByRole('switch', { name: 'Goal' }).tap()
  await page.keyboard.press('Escape')
  await tap(page, 'Another special')
  await blank(page, 'When').tap()
  await tap(page, 'All alike')
  await page.keyboard.press('Escape')
  await blank(page, 'Then').tap()
  await tap(page, 'Gives points')
  await page.keyboard.press('Escape')
  await tap(page, '5 minutes')
  await expect(page.getByRole('region', { name: 'Tried by bots' })).toContainText('That is nearest to 5 minutes.')
  const told = page.getByRole('region', { name: 'Read back' })
  await expect(told).toContainText('All numbers alike gives 5 points.')
  const goal = Number(/come to (\d+)/.exec((await told.textContent())!)![1])
  expect(goal).toBeGreaterThan(30)

  // Played: a special, a take-back, and the goal lowered by a ruling.
  await page.getByRole('link', { name: 'Play it …' }).tap()
  await page.getByLabel('Name of player 1').fill('Ines')
  await page.getByLabel('Name of player 2').fill('Bao')
  await tap(page, 'Start the match')
  await throws(page, 4, 4, /^Makes 8, said 8/)
  await expect(page.locator('.verdict, [role=status]').filter({ hasText: 'Ines has 13' }).first()).toBeVisible()
  await throws(page, 6, 5, /^Makes 11, said 11/)
  await tap(page, 'Take back')
  // It lies in the pad again, to be put right.
  await tap(page, 'Remove the 5, 2 of 2')
  await touchFace(page, 4)
  await tap(page, /^Makes 10, said 10/)
  const match = page.url().split('/').pop()!
  await page.keyboard.press('r')
  const ruling = page.getByRole('dialog', { name: 'Ruling' })
  await ruling.getByRole('button', { name: 'Goal', exact: true }).tap()
  await ruling.getByRole('spinbutton', { name: 'Goal' }).fill('20')
  await ruling.getByLabel('In your own words').click()
  await ruling.getByRole('button', { name: 'Record the ruling' }).tap()
  await throws(page, 5, 4, /^Makes 9, said 9/)
  await expect(winner(page)).toHaveText('Ines wins')
  const entries = await entriesOf(request, match)
  expect(entries).toHaveLength(6)
  expect(entries.filter((entry) => 'ruling' in (entry as object))).toHaveLength(1)

  // Printed: what it is called, and its rules.
  const { houseRules } = (await (await request.get(`/api/matches/${match}`)).json()) as { houseRules: object }
  await page.goto(`/print/own-game?sheets=rules,letter&rules=${encodeURIComponent(JSON.stringify(houseRules))}`)
  await expect(page.getByText('All numbers alike gives 5 points.').first()).toBeVisible()

  // Handed on as a file, brought in elsewhere, and played again by its rules.
  const file = await (await request.get(`/api/matches/${match}/export?as=json`)).body()
  await fresh.start()
  try {
    await page.goto(`${fresh.address}/keep`)
    await page
      .getByLabel('Match file')
      .setInputFiles({ name: 'own.json', mimeType: 'application/json', buffer: Buffer.from(file) })
    await expect(page.getByRole('status')).toContainText('6 entries judged')
    await page.getByRole('link', { name: 'Open it' }).click()
    await expect(winner(page)).toHaveText('Ines wins')
    await tap(page, 'Play again')
    await page
      .getByRole('button', { name: /^(Start|Begin|Play)/ })
      .last()
      .tap()
    await expect(page).not.toHaveURL(new RegExp(`${match}$`))
    await throws(page, 2, 2, /^Makes 4, said 4/)
    await expect(page.locator('.verdict, [role=status]').filter({ hasText: 'has 9' }).first()).toBeVisible()
  } finally {
    await fresh.stop()
  }
})
