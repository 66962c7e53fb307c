import { expect, test } from '@playwright/test'
import { entriesOf, makeMatch, openDesk, score, tape } from './helpers'

test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } })

test('on a phone: set up, play, rule, look back, end early, all by touch', async ({ page, request }) => {
  await page.goto('/new?game=perch-and-push')
  await page.getByLabel('Name of player 1').fill('Wren')
  await page.getByLabel('Name of player 2').fill('Kofi')
  await page.getByRole('button', { name: 'Times six' }).tap()
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('Take the card times 6')
  await page.getByRole('checkbox').first().check()
  await page.getByRole('button', { name: 'Start the match' }).tap()
  await expect(page).toHaveURL(/\/match\//)
  const match = page.url().split('/').pop()!
  for (const [cards, on] of [
    [[7, 2], 42],
    [[7, 3], 42],
  ] as const) {
    for (const card of cards) await page.getByRole('button', { name: `Drew a ${card}`, exact: true }).tap()
    await page.getByRole('button', { name: new RegExp(`^Perch on ${on}`) }).tap()
  }
  await expect(score(page, 2)).toContainText('1')

  await page.getByRole('button', { name: 'More' }).tap()
  await page.getByRole('menuitem', { name: 'Ruling' }).tap()
  const ruling = page.getByRole('dialog', { name: 'Ruling' })
  await ruling.getByRole('radio', { name: 'Give or take points' }).tap()
  await ruling.getByRole('button', { name: 'Wren' }).tap()
  await ruling.getByLabel(/Points given/).fill('2')
  await ruling.getByRole('radio', { name: 'A mistake' }).tap()
  await ruling.getByRole('button', { name: 'Record the ruling' }).tap()
  await expect(score(page, 1)).toContainText('2')

  await page.getByRole('button', { name: 'More' }).tap()
  await page.getByRole('menuitem', { name: 'Look back' }).tap()
  await page.getByRole('button', { name: 'One entry back' }).tap()
  await expect(page.getByRole('region', { name: 'Looking back' })).toContainText('Kofi draws 7 and 3 and perches on 42')
  await expect(score(page, 1)).toContainText('0')
  await page.getByRole('button', { name: 'Back to now' }).tap()

  await page.getByRole('button', { name: 'More' }).tap()
  await page.getByRole('menuitem', { name: 'End the match now' }).tap()
  await page
    .getByRole('dialog', { name: 'End the match now?' })
    .getByRole('button', { name: 'End the match', exact: true })
    .tap()
  await expect(page.getByRole('region', { name: 'Announcement' })).toContainText('Wren wins')
  await expect(page.getByRole('region', { name: 'Announcement' })).toContainText('a mistake put right')
  await expect.poll(async () => (await entriesOf(request, match)).length).toBe(4)
})

test('on a phone: a refused play is kept as a slip, and the same player tries again', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'column-keeper', houseRules: { discards: 0, explain: 'required' } })
  await openDesk(page, match)
  await page.keyboard.press('/')
  await page.getByLabel('Quick line').fill('7a')
  await expect(page.getByTestId('verdict')).toContainText('Nothing may be thrown away')
  await page.getByRole('button', { name: 'Keep it as tried' }).tap()
  await page.getByRole('tab', { name: /^Tape/ }).tap()
  await expect(tape(page).getByText('Doesn’t stand')).toBeAttached()
  await page.getByRole('tab', { name: 'Table', exact: true }).tap()
  await expect(page.locator('li[aria-current]')).toContainText('Ines')
  await page.getByLabel('Quick line').fill('7t')
  await page.getByLabel('Quick line').press('Enter')
  await expect(page.locator('li[aria-current]')).toContainText('Tomasz')
  await expect
    .poll(() => entriesOf(request, match))
    .toEqual([
      { play: { do: 'put', by: 1, card: 7, in: 'aside' } },
      { play: { do: 'put', by: 1, card: 7, in: 'tens' } },
    ])
})

test('no key of the announcement is pressed together, and nothing looks out below its row', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, { entries: [{ call: 'finish' }] })
  await openDesk(page, match)
  const again = page.getByRole('button', { name: 'Play again' })
  await expect(again).toBeVisible()
  const keys = page.getByRole('region', { name: 'Announcement' }).locator('.key')
  for (const key of await keys.all())
    expect(await key.evaluate((box) => [box.textContent, box.scrollWidth - box.clientWidth])).toEqual([
      await key.textContent(),
      0,
    ])
})
