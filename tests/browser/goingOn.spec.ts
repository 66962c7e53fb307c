import { expect, test } from '@playwright/test'
import { boardOf, entriesOf, makeMatch, openDesk, score, takeBack, tap, winner } from './helpers'

test.use({ hasTouch: true })

const roll = (by: number, dice: number[]) => ({ play: { do: 'roll', by, dice } })

test('a level finish is played on until it breaks; the board follows, and taking it back closes the match', async ({
  page,
  request,
  context,
}) => {
  const match = await makeMatch(request, {
    game: 'top-total',
    houseRules: { rounds: 1, answers: 'off', explain: 'off' },
    entries: [roll(1, [6, 5]), roll(2, [5, 6])],
  })
  await openDesk(page, match)
  await expect(winner(page)).toHaveText('Ines and Tomasz share the win')
  const board = await context.newPage()
  await board.goto(await boardOf(request, match))
  const told = board.getByRole('region', { name: 'Announcement' })
  await expect(told).toContainText('Tomasz')
  await tap(page, 'Until it breaks')
  await expect(winner(page)).toHaveCount(0)
  await expect(told).toHaveCount(0)
  await expect(score(page, 1)).toContainText('0')
  expect((await entriesOf(request, match)).at(-1)).toEqual({ ruling: { houseRules: { tie: 'extra-round' } } })
  await takeBack(page, request, match, () => tap(page, 'Take back'))
  await expect(winner(page)).toHaveText('Ines and Tomasz share the win')
  await tap(page, 'Another round for all')
  await expect(winner(page)).toHaveCount(0)
  await board.close()
})

test('time was up: two minutes more, and the clock runs on', async ({ page, request }) => {
  const match = await makeMatch(request, {
    game: 'top-total',
    houseRules: { minutes: 5, answers: 'off', explain: 'off' },
    entries: [roll(1, [6, 5]), roll(2, [5, 5]), { call: 'time', why: 'the clock ran out' }],
  })
  await openDesk(page, match)
  await expect(winner(page)).toHaveText('Ines wins')
  await tap(page, 'Two minutes more')
  await expect(winner(page)).toHaveCount(0)
  await expect(page.getByRole('timer')).toContainText(/^(7:00|6:5\d)/)
  await expect
    .poll(async () => {
      const { clock } = (await (await request.get(`/api/matches/${match}`)).json()) as { clock: { since: unknown } }
      return typeof clock.since
    })
    .toBe('number')
  expect((await entriesOf(request, match)).slice(-2)).toEqual([
    { strike: 3 },
    { ruling: { houseRules: { minutes: 7 } } },
  ])
})

test('after an end any rule that makes the match go on can be ruled, from “more” too', async ({ page, request }) => {
  const match = await makeMatch(request, {
    game: 'top-total',
    houseRules: { rounds: 1, answers: 'off', explain: 'off' },
    entries: [roll(1, [6, 5]), roll(2, [1, 1])],
  })
  await openDesk(page, match)
  await expect(winner(page)).toHaveText('Ines wins')
  await page.keyboard.press('m')
  await tap(page, /^Ruling/)
  const sheet = page.getByRole('dialog', { name: 'Ruling' })
  await sheet.getByRole('button', { name: 'Explaining' }).tap()
  await sheet.getByRole('radio', { name: 'Required' }).tap()
  await expect(sheet.getByRole('status')).toContainText('over all the same')
  await sheet.getByRole('button', { name: 'Rounds' }).tap()
  await sheet.getByRole('spinbutton', { name: 'Rounds' }).fill('3')
  await sheet.getByLabel('In your own words').tap()
  await expect(sheet.getByRole('status')).toContainText('the match goes on')
  await tap(page, 'Record the ruling')
  await expect(winner(page)).toHaveCount(0)
  expect((await entriesOf(request, match)).at(-1)).toEqual({ ruling: { houseRules: { rounds: 3 } } })
})
