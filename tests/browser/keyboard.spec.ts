import { expect, test } from '@playwright/test'
import { entriesOf, makeMatch, openDesk, play, score, tabTo, tape, verdict } from './helpers'

test('a match is set up and refereed by keyboard alone', async ({ page, request }) => {
  await page.goto('/')
  await tabTo(page, /^New match$/)
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/new$/)
  await tabTo(page, /^Search the games$/)
  await page.keyboard.type('brim')
  await tabTo(page, /^Brim/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('Agreed for Brim')
  await tabTo(page, /^Name of player 1$/)
  await page.keyboard.type('Odalys')
  await tabTo(page, /^Name of player 2$/)
  await page.keyboard.type('Wren')
  await tabTo(page, /^Nine rounds$/)
  await page.keyboard.press('Shift+Tab')
  await page.keyboard.press('Enter')
  await tabTo(page, /^Start the match$/)
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/match\//)
  await expect(page.getByText('Round 1 of 5')).toBeVisible()
  await page.getByRole('heading', { name: 'Brim' }).click()

  // Digits are dice; Shift and a digit freezes; S stops with the right sum said.
  await page.keyboard.type('66431')
  await expect(verdict(page)).toContainText('6 + 4 + 6 + 3 + 1 = 20')
  await page.keyboard.press('Backspace')
  await expect(page.getByRole('button', { name: '1 die to enter' })).toBeVisible()
  await page.keyboard.type('2')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Shift+Digit1')
  await page.keyboard.press('Shift+Digit2')
  await page.keyboard.type('312')
  await page.keyboard.press('Enter')
  await page.keyboard.press('s')
  await expect(score(page, 1)).toContainText('18')

  // The quick line takes the rest in notation.
  await page.keyboard.press('/')
  await page.keyboard.type('65431')
  await page.keyboard.press('Enter')
  await page.keyboard.type('nonsense')
  await expect(page.locator('#quick-says')).toContainText('Not understood')
  await page.keyboard.press('Control+A')
  await page.keyboard.type('k66 r111')
  await expect(page.locator('#quick-says')).toContainText('There is no loose 6 to freeze')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Control+A')
  await page.keyboard.type('s 19')
  await page.keyboard.press('Enter')
  await expect(score(page, 2)).toContainText('19')
  for (let round = 2; round <= 5; round++)
    for (const dice of ['55511', '22222']) {
      await page.keyboard.type(`${dice}`)
      await page.keyboard.press('Enter')
      await expect(page.locator('#quick')).toHaveValue('')
      await page.keyboard.type('stop')
      await page.keyboard.press('Enter')
      await expect(page.locator('#quick, [aria-label="Announcement"]').first()).toBeVisible()
    }
  await expect(page.getByRole('heading', { name: 'Odalys wins' })).toBeVisible()

  // Z takes back, also the end of a match; Y brings it back.
  await page.keyboard.press('z')
  await expect(page.getByRole('heading', { name: 'Odalys wins' })).toBeHidden()
  await page.keyboard.press('y')
  await expect(page.getByRole('heading', { name: 'Odalys wins' })).toBeVisible()
  const match = page.url().split('/').pop()!
  await expect.poll(async () => (await entriesOf(request, match)).slice(-2)).toEqual([{ strike: 21 }, { strike: 22 }])
  await expect(tape(page)).toContainText('Wren stops')
})

test('a key shows what does the same on the keyboard where there is a mouse, and none to a finger', async ({
  browser,
  request,
}) => {
  const match = await makeMatch(request, { entries: [play({ do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] })] })
  for (const hasTouch of [false, true]) {
    const page = await browser.newPage({ hasTouch, isMobile: hasTouch })
    await openDesk(page, match)
    const stop = page.getByRole('button', { name: /^Stop and bank 19/ })
    await expect(stop).toHaveAttribute('aria-keyshortcuts', 'S')
    await expect(stop.locator('kbd')).toBeVisible({ visible: !hasTouch })
    await page.close()
  }
})
