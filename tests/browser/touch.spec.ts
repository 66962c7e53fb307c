import { expect, test } from '@playwright/test'
import { score, verdict } from './helpers'

test.use({ hasTouch: true, viewport: { width: 800, height: 1100 } })

/** What each turn rolls: first roll, then perhaps values to freeze with what the rest rolls again. */
const TURNS: { first: number[]; freeze?: number[]; again?: number[]; sum: number }[] = [
  { first: [6, 5, 4, 3, 1], sum: 19 },
  { first: [6, 6, 6, 2, 1], freeze: [6, 6], again: [3, 3, 2], sum: 20 },
  { first: [1, 1, 1, 1, 1], sum: 5 },
  { first: [2, 2, 2, 2, 2], sum: 10 },
  { first: [6, 6, 6, 6, 6], sum: 30 },
  { first: [4, 4, 4, 4, 3], sum: 19 },
]

test('a match for three is set up, refereed and announced by touch alone', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'New match' }).last().tap()
  await page.getByText('Roll the dice, freeze some').tap()
  await page.getByRole('button', { name: 'Another player' }).tap()
  for (const name of ['Ines', 'Tomasz', 'Bao']) await page.getByRole('button', { name, exact: true }).tap()
  await page.getByRole('radiogroup', { name: 'Level at the end' }).getByRole('radio', { name: 'Share the win' }).tap()
  const rounds = page.locator('[data-rule="rounds"]')
  for (let i = 0; i < 3; i++) await rounds.getByRole('button', { name: /decrement/i }).tap()
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('2 rounds, one turn each')
  await page.getByRole('button', { name: 'Start the match' }).tap()

  await expect(page.getByRole('heading', { name: 'Brim' })).toBeVisible()
  await expect(page).toHaveURL(/\/match\//)
  const names = ['Ines', 'Tomasz', 'Bao']
  for (const [n, turn] of TURNS.entries()) {
    await expect(page.locator('li[aria-current]')).toContainText(names[n % 3]!)
    for (const face of turn.first) await page.getByRole('button', { name: `Rolled a ${face}` }).tap()
    await expect(verdict(page)).toContainText('Stands')
    await page.getByRole('button', { name: 'Record the roll' }).tap()
    if (turn.freeze) {
      for (const face of turn.freeze)
        await page
          .getByRole('button', { name: `Freeze the ${face}`, exact: true })
          .first()
          .tap()
      for (const face of turn.again!) await page.getByRole('button', { name: `Rolled a ${face}` }).tap()
      await page.getByRole('button', { name: 'Record the roll' }).tap()
    }
    await page.getByRole('button', { name: new RegExp(`^Stop (at|and bank) ${turn.sum}, said ${turn.sum}`) }).tap()
  }

  const announcement = page.getByRole('region', { name: 'Announcement' })
  await expect(announcement.getByRole('heading')).toHaveText('Ines wins')
  await expect(announcement.getByRole('list', { name: 'Final comparison' })).toContainText(
    /Ines\s*29\s*>\s*Bao\s*24\s*>\s*Tomasz\s*20/,
  )
  await expect(announcement).toContainText('Best turn: Tomasz with 20 in round 1.')
  await expect(score(page, 2)).toContainText('20')

  await announcement.getByRole('button', { name: 'Play again' }).tap()
  await announcement.getByRole('button', { name: 'Start' }).tap()
  await expect(page.locator('li[aria-current]')).toContainText('Tomasz')
  await expect(page.getByText('Round 1 of 2')).toBeVisible()
})
