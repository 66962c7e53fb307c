import { expect, test } from '@playwright/test'
import { entriesOf, makeMatch, openDesk, pad, tap, verdict, winner } from './helpers'

test.use({ hasTouch: true })

test('one seat is made different with a touch, read back by name, and counts at the desk', async ({
  page,
  request,
}) => {
  await page.goto('/new?game=top-total')
  await page.getByLabel('Name of player 1').fill('Ines')
  await page.getByLabel('Name of player 2').fill('Bao')
  const explaining = page.locator('[data-rule="explain"]')
  await explaining.getByRole('radio', { name: 'Required' }).tap()
  const bySeat = page.locator('[data-rule="bySeat"]')
  await expect(bySeat).toContainText('The same for everyone.')
  await bySeat.getByRole('button', { name: 'Bao' }).tap()
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('Bao need not explain.')
  await bySeat.getByRole('radiogroup', { name: 'Bao answers' }).getByRole('radio', { name: 'Not asked' }).tap()
  await tap(page, 'Start the match')
  await expect(page).toHaveURL(/\/match\//)
  const match = page.url().split('/').pop()!
  const { houseRules } = (await (await request.get(`/api/matches/${match}`)).json()) as { houseRules: object }
  expect(houseRules).toMatchObject({ explain: 'required', bySeat: { 2: { explain: 'off', answers: 'off' } } })
})

test('what is left on a roof is said by its player before it is finished', async ({ page, request }) => {
  const match = await makeMatch(request, {
    game: 'roof-tiles',
    players: ['Ines'],
    houseRules: { rows: 2, countLeft: true, answers: 'must-be-right', explain: 'off' },
    opening: { layouts: [[[4], [7, 8]]] },
    entries: [{ play: { do: 'done', by: 1 } }],
  })
  await openDesk(page, match)
  await expect(pad(page)).toContainText('What is left on the roof of Ines?')
  await page.keyboard.press('=')
  await page.keyboard.type('18')
  await expect(verdict(page)).toContainText('Ines said 18; it is 19.')
  await page.keyboard.press('Escape')
  await page.keyboard.press('s')
  await expect(winner(page)).toHaveText('Ines has 19')
  expect((await entriesOf(request, match)).at(-1)).toMatchObject({ play: { do: 'count', by: 1, said: 19 } })
})

test('results are said for both cards before one is chosen', async ({ page, request }) => {
  const match = await makeMatch(request, {
    game: 'perch-and-push',
    houseRules: { answers: 'must-be-right', explain: 'off' },
  })
  await openDesk(page, match)
  await page.keyboard.type('37')
  await page.getByLabel('Said for 3').fill('13')
  await page.getByLabel('Said for 7').fill('16')
  await pad(page).getByRole('button', { name: /13/ }).first().tap()
  await expect(verdict(page)).toContainText('said 13 and 16; it is 13 and 17')
  await tap(page, 'Both said right')
  await pad(page).getByRole('button', { name: /= 13/ }).first().tap()
  await expect
    .poll(async () => (await entriesOf(request, match)).at(-1))
    .toMatchObject({ play: { do: 'place', cards: [3, 7], on: 13, said: [13, 17] } })
})
