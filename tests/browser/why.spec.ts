import { expect, test, type Page } from '@playwright/test'
import { entriesOf, expectScanned, makeMatch, openDesk, tap, wider } from './helpers'

/** A grey key tells why it is grey, to whoever asks it; and does nothing else. every.spec.ts looks for grey keys without a reason. */
test.use({ hasTouch: true })

/** The reason as it can be seen; for those who hear the page it is the key's own description. */
const told = (page: Page, why: string) => page.locator('[data-slot="content"] > [role="status"]', { hasText: why })

test('a grey key that is touched tells why, until it has been read or something else is touched', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request)
  await openDesk(page, match)
  const why = told(page, 'There is nothing to take back.')
  const back = page.getByRole('button', { name: 'Take back', exact: true })
  await expect(back).toBeDisabled()
  await expect(back).toHaveAccessibleDescription('There is nothing to take back.')
  // As a finger does, that knows nothing of what is enabled.
  const box = (await back.boundingBox())!
  await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height / 2)
  await expect(why).toBeVisible()
  await expectScanned(page)
  await tap(page, 'Rolled a 5')
  await expect(why).toBeHidden()
  await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height / 2)
  await expect(why).toBeVisible()
  await expect(why).toBeHidden()
  expect(await entriesOf(request, match)).toEqual([])
  for (const face of [6, 4, 3, 1]) await tap(page, `Rolled a ${face}`)
  await tap(page, 'Record the roll')
  await expect(back).toBeEnabled()
  await tap(page, 'Take back')
  await expect.poll(async () => (await entriesOf(request, match)).length).toBe(2)
})

test('the same by mouse and by keyboard; on a phone the reason stays in the window', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request))
  const record = page.getByRole('button', { name: '5 dice to enter' })
  const why = told(page, '5 dice to enter.')
  await record.hover()
  await expect(why).toBeVisible()
  await page.mouse.move(5, 5)
  await expect(why).toBeHidden()
  await page.getByRole('button', { name: 'Remove the last', exact: true }).focus()
  await page.keyboard.press('Tab')
  await expect(record).toBeFocused()
  await expect(why).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(why).toBeHidden()
  await page.setViewportSize({ width: 390, height: 844 })
  await record.click({ force: true })
  await expect(why).toBeVisible()
  expect(await wider(page)).toBe(0)
  const shown = (await page.locator('[data-slot="content"]').last().boundingBox())!
  expect(shown.x).toBeGreaterThanOrEqual(0)
  expect(shown.x + shown.width).toBeLessThanOrEqual(390)
})

test('a grey key sends no form, and the keyboard may rest on it', async ({ page }) => {
  await page.goto('/people')
  await page.getByRole('button', { name: 'Many at once …' }).click()
  const sheet = page.getByRole('dialog')
  const keep = sheet.getByRole('button').last()
  await expect(keep).toBeDisabled()
  await keep.focus()
  await page.keyboard.press('Enter')
  await expect(told(page, 'Type or paste names first.')).toBeVisible()
  await expect(sheet).toBeVisible()
})
