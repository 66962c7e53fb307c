import { expect, test } from '@playwright/test'
import {
  append,
  entriesOf,
  expectVerdictWhole,
  makeMatch,
  openDesk,
  press,
  score,
  sideWhole,
  SIZES,
  standBetween,
  tape,
  verdict,
} from './helpers'

const roll = (by: number, dice: number[], keep?: number[]) => ({
  play: { do: 'roll', by, dice, ...(keep ? { keep } : {}) },
})
const stop = (by: number, said?: number) => ({ play: { do: 'stop', by, ...(said === undefined ? {} : { said }) } })

test('taking back and bringing back, one key each; struck entries can be shown', async ({ page, request }) => {
  const match = await makeMatch(request, { entries: [roll(1, [6, 5, 4, 3, 1]), stop(1, 19)] })
  await openDesk(page, match)
  await expect(score(page, 1)).toContainText('19')
  await page.getByRole('button', { name: 'Take back', exact: true }).click()
  await expect(score(page, 1)).toContainText('0')
  await expect(page.locator('li[aria-current]')).toContainText('Ines')
  await expect(tape(page)).not.toContainText('Ines stops')
  await page.getByRole('button', { name: 'Show what was taken back' }).click()
  await expect(tape(page)).toContainText('Ines stops and says 19')
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(score(page, 1)).toContainText('19')
  await expect.poll(() => entriesOf(request, match)).toHaveLength(4)
})

test('an older entry is opened and taken back', async ({ page, request }) => {
  const match = await makeMatch(request, { entries: [roll(1, [6, 5, 4, 3, 1]), roll(1, [1, 1], [6, 5, 4]), stop(1)] })
  await openDesk(page, match)
  await expect(score(page, 1)).toContainText('17')
  await sideWhole(page)
  await press(page, tape(page).getByRole('button', { name: /freezes 6, 5 and 4/ }), 'click')
  await press(page, page.getByRole('button', { name: 'Take back entry 2' }), 'click')
  await expect(score(page, 1)).toContainText('19')
})

test('a reload in mid-turn loses nothing', async ({ page, request }) => {
  const match = await makeMatch(request)
  await openDesk(page, match)
  await page.keyboard.type('65431')
  await page.keyboard.press('Enter')
  await expect(tape(page)).toContainText('Ines rolls 6 5 4 3 1')
  await page.reload()
  await expect(page.getByRole('button', { name: /Stop and bank 19/ })).toBeVisible()
  await expect(page.getByText('room for 1', { exact: true })).toBeVisible()
})

test('a play that doesn’t stand says why, and is kept as a slip only when wished', async ({ page, request }) => {
  const match = await makeMatch(request, { houseRules: { mustFreeze: 1 }, entries: [roll(1, [6, 5, 4, 3, 1])] })
  await openDesk(page, match)
  await page.keyboard.type('11111')
  await expect(verdict(page)).toContainText('Doesn’t stand')
  await expect(verdict(page)).toContainText('1 die at least must be frozen before a further roll')
  await page.keyboard.press('Enter')
  await expect(verdict(page)).toContainText('Doesn’t stand')
  expect(await entriesOf(request, match)).toHaveLength(1)
  await page.getByRole('button', { name: 'Keep it as tried' }).click()
  await expect(tape(page).getByText('Doesn’t stand')).toBeAttached()
  await expect.poll(() => entriesOf(request, match)).toHaveLength(2)
  await expect(page.getByRole('button', { name: /Stop and bank 19/ })).toBeVisible()
})

test('a wrong sum is noted with what is right', async ({ page, request }) => {
  const match = await makeMatch(request, { entries: [roll(1, [6, 5, 4, 3, 1])] })
  await openDesk(page, match)
  for (const figure of [1, 8]) await page.getByRole('button', { name: `Figure ${figure}` }).click()
  await expect(verdict(page)).toContainText('Noted')
  await page.getByRole('button', { name: /said 18/ }).click()
  await expect(score(page, 1)).toContainText('19')
  await expect(verdict(page)).toContainText('Ines said 18; it is 19.')
})

test('the framed tens of a working are whole in the verdict, and over no words, at every size', async ({
  page,
  request,
}) => {
  await openDesk(page, await makeMatch(request, { entries: [roll(1, [5, 4, 3, 2, 6]), stop(1)] }))
  await expect(verdict(page).locator('.ten')).toHaveText(['6 + 4', '5 + 3 + 2'])
  const cut = () =>
    verdict(page)
      .locator('.says')
      .evaluate((says) => {
        const words = says.querySelector('p')!.getBoundingClientRect()
        const room = says.getBoundingClientRect()
        return [...says.querySelectorAll('.ten')]
          .map((frame) => frame.getBoundingClientRect())
          .filter(({ top, bottom }) => top < words.bottom - 0.5 || bottom > room.bottom + 0.5)
          .map(({ top, bottom }) => `${top} to ${bottom}, between ${words.bottom} and ${room.bottom}`)
      })
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect.poll(async () => [width, await cut()]).toEqual([width, []])
  }
})

test('what is left for the referee to decide is told whole, with its keys, at every size', async ({
  page,
  request,
}) => {
  const entries = [
    { do: 'ask', by: 1, of: 2, for: 3, got: false },
    { do: 'draw', by: 1 },
    { do: 'ask', by: 2, of: 1, for: 4, got: false },
    { do: 'draw', by: 2, card: 5 },
    { do: 'ask', by: 1, of: 2, for: 3, got: true },
  ].map((play) => ({ play }))
  await openDesk(page, await makeMatch(request, { game: 'ask-for-rest', entries }))
  await expect(verdict(page)).toContainText('one of the two was wrong')
  for (const name of ['Put it right …', 'Take it back', 'Leave it so'])
    await expect(verdict(page).getByRole('button', { name })).toBeVisible()
  await expectVerdictWhole(page, 'said no, and gave it')
})

test('where the sum must be right the verdict waits for it, and for the explanation', async ({ page, request }) => {
  const houseRules = { answers: 'must-be-right', explain: 'required' }
  const match = await makeMatch(request, { houseRules, entries: [roll(1, [6, 5, 4, 3, 1])] })
  await openDesk(page, match)
  await expect(page.getByRole('button', { name: 'Said nothing' })).toBeHidden()
  await page.keyboard.type('=18')
  await page.keyboard.press('Enter')
  await expect(verdict(page)).toContainText('Ines said 18; it is 19.')
  await page.keyboard.type('=')
  for (const key of ['Backspace', 'Backspace', 'Escape']) await page.keyboard.press(key)
  await page.getByRole('button', { name: /said 19/ }).click()
  await expect(verdict(page)).toContainText('has not told how yet')
  // Choosing how after Stop counts.
  await page.getByRole('button', { name: 'made ten' }).click()
  await expect(score(page, 1)).toContainText('19')
  await expect
    .poll(async () => (await entriesOf(request, match)).at(-1))
    .toEqual({
      play: { do: 'stop', by: 1, said: 19, explained: true, how: 'made-ten' },
    })
})

test('the odds now and the odds you took', async ({ page, request }) => {
  const match = await makeMatch(request, { entries: [roll(1, [6, 6, 6, 1, 1])] })
  await openDesk(page, match)
  await page.getByRole('button', { name: 'The odds now' }).click()
  const best = page.locator('.odds tbody tr').first()
  await expect(best).toContainText('Stop')
  await expect(best).toContainText('100 %')
  await expect(best).toContainText('20.0')
  await append(request, match, 1, roll(1, [6, 6, 6, 6, 6]))
  await append(request, match, 2, stop(1))
  // What comes in from outside closes the odds of before: they are opened once all of it is there.
  await expect(tape(page)).toContainText('Ines stops')
  await page.getByRole('button', { name: 'The odds you took' }).click()
  await expect(page.locator('.odds tbody tr').first()).toContainText(/Roll all loose dice.*Stop: 20\.0/)
})

test('odds that would take minutes are refused kindly', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request, { houseRules: { dice: 8, sides: 20, limit: 80 } }))
  await expect(page.getByText('With 8 dice of 20 sides there are too many rolls')).toBeAttached()
  await expect(page.getByRole('button', { name: 'The odds now' })).toHaveCount(0)
})

test('two pages on one match see each other’s entries', async ({ page, context, request }) => {
  const match = await makeMatch(request)
  await openDesk(page, match)
  const other = await context.newPage()
  await openDesk(other, match)
  await page.keyboard.type('65431')
  await page.keyboard.press('Enter')
  await expect(tape(other)).toContainText('Ines rolls 6 5 4 3 1')
  await other.keyboard.press('s')
  await expect(score(page, 1)).toContainText('19')
})

test('two referees at once: the second is shown what came in between', async ({ page, request }) => {
  const match = await makeMatch(request, { entries: [roll(1, [6, 5, 4, 3, 1])] })
  // The other referee's entry is on the server, but hasn't come to this page yet. Before the page is opened: to one that is
  // there already a busy machine may tell of it later than of the keys.
  await page.route(
    '**/entries',
    async (route) => {
      expect((await append(request, match, 1, stop(1, 19))).ok()).toBe(true)
      await route.continue()
    },
    { times: 1 },
  )
  await openDesk(page, match)
  await page.keyboard.press('Shift+Digit1')
  await page.keyboard.type('1111')
  await page.keyboard.press('Enter')
  const panel = page.getByRole('alertdialog')
  await expect(panel).toContainText('2: Ines stops and says 19')
  await expect(panel).toContainText('Ines freezes 6 and rolls 1 1 1 1')
  await panel.getByRole('button', { name: 'Drop mine' }).click()
  await expect(panel).toBeHidden()
  await expect(score(page, 1)).toContainText('19')
  expect(await entriesOf(request, match)).toHaveLength(2)
})

test('without the server the desk goes on, and sends in order when it is back', async ({ page, request }) => {
  const match = await makeMatch(request)
  await openDesk(page, match)
  await standBetween(page, '**/api/**', (route) => route.abort())
  await page.keyboard.type('65431')
  await page.keyboard.press('Enter')
  await page.keyboard.press('s')
  await expect(score(page, 1)).toContainText('19')
  await expect(page.getByText('2 waiting')).toBeVisible()
  await expect(tape(page).getByText('waiting to be sent')).toHaveCount(2)
  await page.unroute('**/api/**')
  await page.reload()
  await expect(score(page, 1)).toContainText('19')
  await expect.poll(() => entriesOf(request, match)).toEqual([roll(1, [6, 5, 4, 3, 1]), stop(1, 19)])
  await expect(tape(page).getByText('waiting to be sent')).toHaveCount(0)
})

test('a match that isn’t there says so', async ({ page }) => {
  await page.goto('/match/nothing-here')
  await expect(page.getByText('There is no such match')).toBeVisible()
  await page.getByRole('link', { name: 'All matches', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Tables in the room' })).toBeVisible()
})

test('another way to a sum is shown step by step, with the numbers at hand', async ({ page, request }) => {
  const match = await makeMatch(request, {
    game: 'top-total',
    entries: [{ play: { do: 'roll', by: 1, dice: [6, 5], said: 11 } }],
  })
  await openDesk(page, match)
  const ways = page.getByRole('region', { name: 'Another way' })
  await ways.getByRole('button', { name: 'Make ten' }).click()
  await expect(ways.getByRole('status')).toContainText('6 + 4 = 10')
  await expect(ways.getByRole('status')).not.toContainText('11')
  await ways.getByRole('button', { name: 'The next step' }).click()
  await expect(ways.getByRole('status')).toContainText('10 + 1 = 11')
  await expect(ways.getByRole('button', { name: 'The next step' })).toHaveCount(0)
  await ways.getByRole('button', { name: 'Near double' }).click()
  await expect(ways.getByRole('status')).toContainText('5 + 5 = 10')
})
