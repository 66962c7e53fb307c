import { expect, test, type Page } from '@playwright/test'
import type { BasePlay } from '../../core/contract/plays'
import { gameById, GAMES } from '../../core/games/index'
import { expectFaultless, makeMatch, openDesk, pad, tap } from './helpers'

test.use({ hasTouch: true })

const brim = gameById('brim')!
const answer = (page: Page) => page.getByRole('region', { name: 'The answer' })
const inQuery = (value: unknown) => encodeURIComponent(JSON.stringify(value))

test('a row and a call: entered by touch, refused with its reason and rule, and kept by the link', async ({ page }) => {
  await page.goto('/rulebook/call-row')
  await page.getByRole('link', { name: 'May I?' }).tap()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('May I? Call the Row')
  await tap(page, 'Begin anew')
  // The usual row is 1 and 10: another one is put there.
  await tap(page, 'The row: remove the 10, 2 of 2')
  await tap(page, 'The row: put in 3')
  await tap(page, 'The row: put in 5')
  await page.getByRole('button', { name: /^Card 3 of the row/ }).tap()
  await page.getByRole('button', { name: /^Card 5 of the row/ }).tap()
  await pad(page).getByRole('button', { name: 'Ines' }).tap()
  await tap(page, '3 and 5: not 10')
  await expect(answer(page)).toContainText('Ines calls 3 and 5?')
  await expect(answer(page)).toContainText('do not make 10')
  await expect(answer(page)).toContainText('The rule: Whoever first sees cards that make 10 calls them')
  await tap(page, 'What may I then?')
  await expect(answer(page).getByRole('list', { name: 'What stands' })).toContainText('dealt')
  await expect(page).toHaveURL(/at=/)
  await page.goto(
    `/may-i/call-row?at=${inQuery({ row: [3, 7] })}&play=${inQuery({ do: 'call', by: 2, cards: [3, 7] })}`,
  )
  await expect(answer(page)).toContainText('Tomasz calls 3 and 7?')
  await expect(answer(page)).toContainText('3 + 7 = 10')
  await page.reload()
  await expect(answer(page)).toContainText('Tomasz calls 3 and 7?')
})

test('house rules are those of a preset, of a table that plays, or of the desk one comes from', async ({
  page,
  request,
}) => {
  await page.goto('/may-i/brim?at=' + inQuery({ frozen: [6, 5], loose: [4, 3, 1], rolled: 3 }))
  const match = await makeMatch(request, { game: 'brim', players: ['Odalys', 'Kofi'], houseRules: { rolls: 3 } })
  // What the pad does not offer any more is asked by the quick line.
  const asks = () =>
    page.getByLabel('Quick line').fill(brim.writePlay({ do: 'roll', by: 1, dice: [4, 3, 1] } as BasePlay))
  await asks()
  await expect(answer(page)).toContainText('Ines rolls 4 3 1?')
  await expect(answer(page)).not.toContainText('The rule:')
  await page.getByLabel('House rules').click()
  await page.getByRole('option', { name: /As at .*Odalys, Kofi/ }).click()
  await asks()
  await expect(answer(page)).toContainText('All 3 rolls of this turn are used')
  await expect(answer(page)).toContainText('The rule: 5 dice with 6 sides, up to 3 rolls a turn.')
  await openDesk(page, match)
  await tap(page, 'Agreed house rules')
  await page.getByRole('dialog', { name: 'Agreed' }).getByRole('link', { name: 'May I?' }).tap()
  await expect(page).toHaveURL(/may-i\/brim\?rules=.*rolls/)
  // Rules that can't be played are told, and others can be chosen.
  await page.goto('/may-i/brim?rules=' + inQuery({ rolls: 99 }))
  await expect(page.getByRole('alert')).toContainText('Choose other house rules.')
})

test('it is found by looking up, and a game that is not there is told', async ({ page }) => {
  await page.goto('/may-i')
  await page.getByLabel('Search the games').fill('brim')
  await page.getByRole('link', { name: /^Brim/ }).tap()
  await expect(page).toHaveURL(/may-i\/brim/)
  await page.goto('/may-i/nothing')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No such game')
})

for (const game of GAMES)
  test(`${game.id}: a situation is shown as the desk shows it, told what stands, and fits every size`, async ({
    page,
  }) => {
    const errors: string[] = []
    page.on('pageerror', (error) => errors.push(String(error)))
    await page.goto(`/may-i/${game.id}`)
    await expect(page.getByRole('region', { name: 'What lies there' })).toBeVisible()
    await expect(pad(page).getByRole('button').first()).toBeVisible()
    await tap(page, 'What may I?')
    await expect(answer(page).getByRole('listitem').first()).toBeVisible()
    await expectFaultless(page)
    expect(errors).toEqual([])
  })
