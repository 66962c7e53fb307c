import { expect, test } from '@playwright/test'
import { ABOUTS } from '../../core/games/abouts'
import { sayTime, timeOf } from '../../core/catalogue/time'
import { tap } from './helpers'

test.use({ hasTouch: true })

test('by touch: what to practise, players and the box; the address keeps it, and one touch takes it off', async ({
  page,
}) => {
  await page.goto('/rulebook')
  const games = page.getByRole('main').getByRole('listitem')
  await expect(games).toHaveCount(ABOUTS.length)
  await tap(page, 'What to practise')
  await tap(page, 'below zero')
  await expect(page.getByText('2 games fit.')).toBeVisible()
  await expect(games.first()).toContainText('below zero')
  await tap(page, 'In the box')
  for (const thing of ['cards 1–10', 'zeros or jokers']) await tap(page, thing)
  await expect(page.getByText('One game fits.')).toBeVisible()
  await expect(games).toContainText('Ebb & Flow')
  await expect(games).toContainText('with cards 1–10, zeros or jokers')
  await expect(page).toHaveURL(/skill=below-zero/)
  await expect(page).toHaveURL(/box=cards/)
  // It comes back with the page, and can be handed on.
  await page.reload()
  await expect(games).toContainText('Ebb & Flow')
  await expect(page.getByRole('button', { name: 'below zero' })).toBeVisible()
  await tap(page, 'Players')
  await tap(page, 'alone')
  await expect(page.getByText('No game fits all of that')).toBeVisible()
  await tap(page, 'All games')
  await expect(games).toHaveCount(ABOUTS.length)
  await expect(page).toHaveURL(/\/rulebook$/)
})

test('by keyboard: words that people use, also mistyped; nothing found is said', async ({ page }) => {
  await page.goto('/rulebook')
  const games = page.getByRole('main').getByRole('listitem')
  await page.getByLabel('Search the games').focus()
  await page.keyboard.type('freinds of ten')
  await expect(games.first()).toContainText('making ten')
  await expect(page).toHaveURL(/q=freinds/)
  await page.getByLabel('Search the games').fill('submarine')
  await expect(page.getByText('No game fits all of that')).toBeVisible()
  await page.getByLabel('Search the games').fill('token dip')
  await expect(games.first()).toContainText('Token Dip')
  await page.keyboard.press('Tab')
  for (let i = 0; i < 8 && !(await page.evaluate(() => document.activeElement?.matches('li a'))); i++)
    await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/rulebook\/token-dip$/)
})

test('on New match the list folds once a game is chosen; what was looked for stays in the address', async ({
  page,
}) => {
  await page.goto('/new')
  await page.getByLabel('Search the games').fill('place value')
  await page.getByRole('button', { name: /^Place Strike/ }).tap()
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('Everyone writes 6 numbers')
  await expect(page.getByLabel('Search the games')).toHaveCount(0)
  await tap(page, 'Another game …')
  await expect(page.getByLabel('Search the games')).toHaveValue('place value')
  await page.getByRole('button', { name: /^Column Keeper/ }).tap()
  await expect(page.getByRole('region', { name: 'Which game' })).toContainText('Column Keeper')
})

test('a card tells the time of as many players as are wished, at the pace of the game', async ({ page }) => {
  const brim = page.getByRole('main').getByRole('listitem').filter({ hasText: 'Brim' })
  const { id, about } = ABOUTS.find((each) => each.id === 'brim')!
  for (const players of [null, 2, 6]) {
    await page.goto(players === null ? '/rulebook' : `/rulebook?players=${players}`)
    await expect(brim).toContainText(`${sayTime(timeOf({ id, about }, players))} ·`)
  }
})
