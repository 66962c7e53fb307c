import { expect, test } from '@playwright/test'
import { boardOf, entriesOf, makeMatch, openDesk, pad, tap, verdict, winner } from './helpers'

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

test('the new running total is asked for beside the sum: two touches, a wrong one put right', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, {
    houseRules: { answers: 'noted', explain: 'off' },
    entries: [
      { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } },
      { play: { do: 'stop', by: 1, said: 19 } },
      { play: { do: 'roll', by: 2, dice: [1, 1, 1, 1, 1] } },
      { play: { do: 'stop', by: 2, said: 5 } },
      { play: { do: 'roll', by: 1, dice: [4, 4, 4, 1, 1] } },
    ],
  })
  await openDesk(page, match)
  await tap(page, 'Ask for the total')
  await tap(page, /^Stop and bank 14, said 14/)
  await expect(pad(page)).toContainText('The new total, said 33')
  await page.keyboard.press('=')
  await page.keyboard.type('23')
  await expect(verdict(page)).toContainText('33')
  await page.keyboard.press('Enter')
  await expect
    .poll(async () => (await entriesOf(request, match)).at(-1))
    .toEqual({ play: { do: 'stop', by: 1, said: 14, total: 23 } })
  await openDesk(page, match)
  await page.keyboard.type('22222')
  await page.keyboard.press('Enter')
  // Asked for still, on this device.
  await tap(page, /^Stop and bank 10, said 10/)
  await tap(page, /^The new total, said 15/)
  await expect
    .poll(async () => (await entriesOf(request, match)).at(-1))
    .toEqual({ play: { do: 'stop', by: 2, said: 10, total: 15 } })
})

test('a ladder whose total counts asks for it once the product is right', async ({ page, request }) => {
  const match = await makeMatch(request, {
    game: 'table-ladder',
    houseRules: { factors: [3, 4], win: 'highest-total', explain: 'off' },
    entries: [{ play: { do: 'rung', by: 1, roll: 7, said: 21 } }, { play: { do: 'rung', by: 2, roll: 2, said: 8 } }],
  })
  await openDesk(page, match)
  await page.keyboard.type('8')
  await tap(page, 'Ask for the total')
  await tap(page, /^24, said 24/)
  await expect(pad(page)).toContainText('21 + 24 = 45')
  await page.keyboard.press('=')
  await page.keyboard.type('35')
  await page.keyboard.press('Enter')
  // Nothing is recorded before the total is right: the product waits for it.
  await expect(pad(page).getByText('Not yet. Look at it once more.')).toBeVisible()
  expect(await entriesOf(request, match)).toHaveLength(2)
  await page.keyboard.press('=')
  await page.keyboard.press('Backspace')
  await page.keyboard.press('Backspace')
  await page.keyboard.type('45')
  await page.keyboard.press('Enter')
  await expect
    .poll(async () => (await entriesOf(request, match)).at(-1))
    .toEqual({ play: { do: 'rung', by: 1, roll: 8, said: 24 } })
})

test('the sister game of ones and tens: hops of ten, steps of one, on a track to 120', async ({ page, request }) => {
  const match = await makeMatch(request, {
    game: 'hundred-stops',
    houseRules: { unit: 1, dice: 1, answers: 'noted', explain: 'off' },
  })
  await openDesk(page, match)
  await page.keyboard.type('4')
  await tap(page, 'Spun 2 ten')
  await tap(page, /^Hop 10/)
  await page.getByRole('button', { name: /^Go to 23/ }).tap()
  await tap(page, /^Hop 10/)
  await tap(page, /^Walk 1/)
  await expect(verdict(page)).toContainText('Ines ends on 34 and takes 1 token (20)')
  await tap(page, /^Ends on 34, said 34/)
  await expect
    .poll(async () => (await entriesOf(request, match)).at(-1))
    .toEqual({ play: { do: 'travel', by: 1, dice: [4], hundreds: 2, order: ['h', 't3', 'h', 't1'], said: 34 } })
  const board = await page.context().newPage()
  await board.goto(await boardOf(request, match))
  await expect(board.getByRole('list', { name: 'Track' }).getByRole('listitem')).toHaveCount(111)
  await board.close()
})

test('a yard with another hand for each, played on for places', async ({ page, request }) => {
  await page.goto('/new?game=skip-count-yard')
  await page.getByLabel('Name of player 1').fill('Ines')
  await page.getByLabel('Name of player 2').fill('Bao')
  const hand = page.locator('[data-rule="hand"]')
  await hand.getByRole('button', { name: 'Other for each' }).tap()
  await hand.getByRole('spinbutton', { name: 'Cards in hand, Bao' }).fill('4')
  await hand.getByRole('spinbutton', { name: 'Cards in hand, Bao' }).blur()
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('7 and 4')
  await tap(page, 'Another player')
  await expect(hand.getByRole('spinbutton')).toHaveCount(3)
  await tap(page, 'Remove player 3')
  await expect(hand.getByRole('spinbutton')).toHaveCount(2)
  const match = await makeMatch(request, {
    game: 'skip-count-yard',
    players: ['Ines', 'Bao', 'Wren'],
    houseRules: { hand: [2, 1, 2], finish: 'play-on', explain: 'off' },
    opening: { sides: [12, 8, 20, 35] },
    entries: [
      { play: { do: 'draw', by: 1 } },
      { play: { do: 'end', by: 1 } },
      { play: { do: 'draw', by: 2 } },
      { play: { do: 'add', by: 2, card: 10, to: 'E' } },
      { play: { do: 'add', by: 2, card: 24, to: 'S' } },
    ],
  })
  await openDesk(page, match)
  await expect(page.getByRole('region', { name: 'Table' })).toContainText(/Bao\s*out first/)
})
