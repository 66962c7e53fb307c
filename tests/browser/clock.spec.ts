import { expect, test, type APIRequestContext } from '@playwright/test'
import { entriesOf, makeMatch, openDesk } from './helpers'

const roll = { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } }

/** A match whose clock of one minute has all but run out, brought in by an archive. */
async function almostOver(request: APIRequestContext, entries: object[] = []): Promise<string> {
  const id = `clock-${Date.now()}-${Math.floor(Math.random() * 1e6)}`
  const at = new Date().toISOString()
  const archive = {
    format: 'nimble-tally/archive',
    version: 1,
    madeAt: at,
    people: [],
    matches: [
      {
        id,
        createdAt: at,
        updatedAt: at,
        used: 59_000,
        seats: [
          { pennant: 1, personId: null },
          { pennant: 2, personId: null },
        ],
        recorded: entries.map((_, i) => ({ id: `e${i}`, at })),
        match: {
          format: 'nimble-tally/match',
          version: 1,
          game: 'brim',
          houseRules: { minutes: 1 },
          players: ['Ines', 'Tomasz'],
          entries,
        },
      },
    ],
  }
  expect((await request.post('/api/archive', { data: archive })).ok()).toBe(true)
  return id
}

test('the clock is started and paused by touch, survives a reload, and two devices agree', async ({
  page,
  request,
  context,
}) => {
  const match = await makeMatch(request, { houseRules: { minutes: 5 } })
  await openDesk(page, match)
  const other = await context.newPage()
  await openDesk(other, match)
  const clock = (on: typeof page) => on.getByRole('timer', { name: 'Clock' })
  await expect(clock(page)).toContainText('5:00')
  await page.getByRole('button', { name: 'Start the clock' }).click()
  await expect(clock(other)).toContainText('4:5')
  await other.getByRole('button', { name: 'Pause the clock' }).click()
  await expect(page.getByRole('button', { name: 'Start the clock' })).toBeVisible()
  const left = await clock(page).locator('span').first().textContent()
  await page.reload()
  await expect(clock(page)).toContainText(left!)
})

test('when it runs out the round in progress is finished, then the standing decides', async ({ page, request }) => {
  const match = await almostOver(request, [roll])
  await openDesk(page, match)
  await page.getByRole('button', { name: 'Start the clock' }).click()
  await expect(page.getByText('time: finish the round')).toBeVisible()
  await expect.poll(() => entriesOf(request, match)).toContainEqual({ call: 'time', why: 'the clock ran out' })
  await page.keyboard.press('s')
  await page.keyboard.type('11111')
  await page.keyboard.press('Enter')
  await page.keyboard.press('s')
  await expect(page.getByRole('region', { name: 'Announcement' })).toContainText('Time ran out; the standing decides')
})

test('without minutes there is no clock to start', async ({ request }) => {
  const match = await makeMatch(request)
  const answer = await request.post(`/api/matches/${match}/clock`, { data: { do: 'start' } })
  expect([answer.status(), (await answer.json()).code]).toEqual([409, 'no-clock'])
})
