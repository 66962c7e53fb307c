import { expect, test } from '@playwright/test'
import { GAMES } from '../../core/games/index'
import { expectFaultless, pad, score, tap, tape, winner } from './helpers'

test.use({ hasTouch: true })

test('one match against bots by touch: the app deals, bots play, a reload goes on, nothing is kept', async ({
  page,
  request,
}) => {
  test.slow()
  const stored = async () =>
    (
      (await (await request.get('/api/matches?which=all&limit=60')).json()) as { matches: { game: string }[] }
    ).matches.filter(({ game }) => game === 'ten-turn-haul').length
  const before = await stored()
  await page.goto('/rulebook/ten-turn-haul')
  await page.getByRole('link', { name: 'Try it' }).tap()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Try Ten-Turn Haul')
  await page.goto(`/try/ten-turn-haul?key=2~gull&rules=${encodeURIComponent('{"turns":3}')}`)
  for (let turn = 1; turn <= 3; turn++) {
    await pad(page).getByRole('button', { name: /Spin/ }).first().tap()
    await tap(page, /^\D*\d+, said \d+/)
    // Bao spins by itself, unless it is over.
    await expect(tape(page)).toContainText(new RegExp(`Bao spins`))
    if (turn === 2) {
      await expect.poll(async () => (await tape(page).textContent())!.match(/spins/g)!.length).toBe(4)
      const said = await score(page, 1).textContent()
      await page.reload()
      await expect(score(page, 1)).toHaveText(said!)
      await tap(page, 'Take back')
      await expect.poll(async () => (await tape(page).textContent())!.match(/spins/g)!.length).toBe(2)
      // The same comes again.
      await pad(page).getByRole('button', { name: /Spin/ }).first().tap()
      await tap(page, /^\D*\d+, said \d+/)
      await expect(score(page, 1)).toHaveText(said!)
      await expect.poll(async () => (await tape(page).textContent())!.match(/spins/g)!.length).toBe(4)
    }
  }
  await expect(winner(page)).toHaveText(/wins|share/)
  expect(await stored()).toBe(before)
  await page.getByRole('region', { name: 'Announcement' }).getByRole('button', { name: 'Another match' }).tap()
  await expect(pad(page)).toBeVisible()
})

for (const game of GAMES)
  test(`${game.id}: tried out, it is entered as at a desk and fits every size`, async ({ page }) => {
    const errors: string[] = []
    page.on('pageerror', (error) => errors.push(String(error)))
    await page.goto(`/try/${game.id}?key=2~gull`)
    await expect(pad(page).getByRole('button').first()).toBeVisible()
    await expectFaultless(page)
    expect(errors).toEqual([])
  })

test('a game that is not there, or rules that can’t be played, are told', async ({ page }) => {
  await page.goto('/try/nothing')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No such game')
  await page.goto(`/try/brim?rules=${encodeURIComponent('{"rolls":99}')}`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('These house rules can’t be played')
})
