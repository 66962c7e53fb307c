import { expect, test } from '@playwright/test'
import { makeMatch } from './helpers'

test('what is missing is said, and nothing typed is lost', async ({ page }) => {
  await page.goto('/new')
  await page.getByLabel('Name of player 1').fill('Ines')
  await page.getByRole('button', { name: 'Start the match' }).click()
  await expect(page.getByRole('alert')).toContainText('Every player needs a name')
  await page.getByLabel('Name of player 2').fill('ines')
  await page.getByRole('button', { name: 'Start the match' }).click()
  await expect(page.getByRole('alert')).toContainText('Two players are called')
  await expect(page.getByLabel('Name of player 1')).toHaveValue('Ines')
})

test('a house rule that does not fit is marked where it stands', async ({ page }) => {
  await page.goto('/new?game=brim')
  const limit = page.locator('[data-rule="limit"]').getByRole('spinbutton')
  await limit.fill('3')
  await limit.blur()
  await expect(page.locator('[data-rule="limit"]').getByRole('alert')).toContainText('can’t be 3; 5 is the least')
  await page.getByRole('button', { name: 'First steps' }).click()
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('Fill up to 12')
  await page.locator('[data-rule="minutes"]').getByRole('switch').click()
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('The clock runs 15 minutes')
})

test('a rule left as usual follows who plays and the other rules; one that was chosen stays', async ({ page }) => {
  await page.goto('/new?game=table-ladder')
  const agreed = page.getByRole('region', { name: 'Agreed' })
  const factors = page.getByRole('textbox', { name: 'Factors' })
  await expect(agreed).toContainText('Everybody wins together')
  await page.locator('[data-rule="order"]').getByRole('radio', { name: 'A race', exact: true }).click()
  await expect(agreed).toContainText('Whoever fills the ladder first wins.')
  await page.locator('[data-rule="order"]').getByRole('radio', { name: 'In turns', exact: true }).click()
  await expect(agreed).toContainText('Everybody wins together')
  await expect(factors).toHaveValue('3, 3')
  await factors.fill('7, 8')
  await factors.blur()
  await expect(agreed).toContainText('The factors, by seat: 7 and 8.')
  await page.getByRole('button', { name: 'Factors: back to the usual' }).click()
  await expect(factors).toHaveValue('3, 3')
})

test('seats move, and who starts goes along', async ({ page }) => {
  await page.goto('/new')
  await page.getByLabel('Name of player 1').fill('Kofi')
  await page.getByLabel('Name of player 2').fill('Linnea')
  await page.getByRole('button', { name: 'starts' }).nth(1).click()
  await page.getByRole('button', { name: 'Move player 2 up' }).click()
  await expect(page.getByLabel('Name of player 1')).toHaveValue('Linnea')
  await page.getByRole('button', { name: 'Start the match' }).click()
  await expect(page.locator('li[aria-current]')).toContainText('Linnea')
  await page.goto('/new')
  await expect(page.getByLabel('Name of player 2')).toHaveValue('Kofi')
})

test('another like a match that was: two touches from the list', async ({ page, request }) => {
  const id = await makeMatch(request, { players: ['Yusuf', 'Wren', 'Bao'], houseRules: { rounds: 3 } })
  await page.goto('/')
  await page
    .locator('li', { has: page.locator(`a[href="/match/${id}"]`) })
    .getByRole('link', { name: 'Another like this' })
    .click()
  await expect(page.getByLabel('Name of player 3')).toHaveValue('Bao')
  await page.getByRole('button', { name: 'Start the match' }).click()
  await expect(page.getByText('Round 1 of 3')).toBeVisible()
  await expect(page.locator('li[aria-current]')).toContainText('Wren')
})

test('the list follows what happens at the tables, and a match can be deleted', async ({ page, request }) => {
  const id = await makeMatch(request, { players: ['Gull', 'Oar'] })
  await page.goto('/')
  const card = page.locator('li', { has: page.locator(`a[href="/match/${id}"]`) })
  await expect(card).toContainText('Waiting for the first play')
  await request.post(`/api/matches/${id}/entries`, {
    data: { id: 'list-follows-1', after: 0, entry: { play: { do: 'roll', by: 1, dice: [1, 2, 3, 4, 5] } } },
  })
  await expect(card).toContainText('Gull rolls 1 2 3 4 5')
  await card.getByRole('button', { name: 'Delete this match' }).click()
  await page.getByRole('button', { name: 'Delete it' }).click()
  await expect(card).toHaveCount(0)
})
