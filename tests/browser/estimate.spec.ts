import { expect, test } from '@playwright/test'
import { append, makeMatch } from './helpers'

test('how long it takes is told beside what was agreed, and follows the rules', async ({ page }) => {
  await page.goto('/new?game=ten-turn-haul')
  const agreed = page.getByRole('region', { name: 'Agreed' })
  // Two players, ten turns of a quarter of a minute.
  await expect(agreed.getByRole('status')).toHaveText('About 5 minutes.')
  await page.locator('[data-rule="turns"]').getByRole('spinbutton').fill('20')
  await page.locator('[data-rule="turns"]').getByRole('spinbutton').blur()
  await expect(agreed.getByRole('status')).toHaveText('About 10 minutes.')
  await page.locator('[data-rule="minutes"]').getByRole('switch').click()
  await page.locator('[data-rule="minutes"]').getByRole('spinbutton').fill('7')
  await page.locator('[data-rule="minutes"]').getByRole('spinbutton').blur()
  await expect(agreed.getByRole('status')).toHaveText('About 7 minutes.')
})

test('a match that may never end is said to, and nothing is kept from being started', async ({ page }) => {
  await page.goto('/new?game=exact-landing')
  const agreed = page.getByRole('region', { name: 'Agreed' })
  for (const rule of ['over', 'under'])
    await page.locator(`[data-rule="${rule}"]`).getByRole('radio', { name: 'The line goes on' }).click()
  await expect(agreed.getByRole('status')).toContainText(/never end|minutes/)
  await expect(page.getByRole('button', { name: 'Start the match' })).toBeEnabled()
})

test('the room’s own pace: entries a moment or a pause apart don’t count', async ({ request }) => {
  const match = await makeMatch(request, { game: 'brim' })
  await append(request, match, 0, { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } })
  const { paces } = await (await request.get('/api/paces')).json()
  expect(Object.values(paces).every((pace) => typeof pace === 'number' && pace >= 1 && pace <= 180)).toBe(true)
})

test('one touch fills ten, fifteen or twenty minutes, told in rounds, and is undone', async ({ page }) => {
  await page.goto('/new?game=top-total')
  const agreed = page.getByRole('region', { name: 'Agreed' })
  const rounds = page.locator('[data-rule="rounds"]').getByRole('spinbutton')
  const before = await rounds.inputValue()
  await agreed.getByRole('button', { name: '15 minutes' }).click()
  await expect(page.getByText(/^Rounds \d+: about 1[3-7] minutes\.$/)).toBeVisible()
  await expect(rounds).not.toHaveValue(before)
  await expect(agreed.getByRole('status').first()).toHaveText(/About 1[3-7] minutes/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(rounds).toHaveValue(before)
})
