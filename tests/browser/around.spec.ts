import { expect, test } from '@playwright/test'
import { append, entriesOf, makeMatch, openDesk, play, SIZES, tap } from './helpers'

/** Before, between and after the plays: setting up, resting, leaving, coming back. */
test.use({ hasTouch: true })

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('what is missing is said at the key, and its field is in sight and ready', async ({ page }) => {
    await page.goto('/new?game=place-strike')
    await tap(page, 'Start the match')
    const alert = page.getByRole('alert').filter({ hasText: 'Every player needs a name' })
    await expect(alert).toBeInViewport()
    const name = page.getByLabel('Name of player 1', { exact: true })
    await expect(name).toBeFocused()
    await expect(name).toBeInViewport()
    await name.fill('Ines')
    await page.getByLabel('Name of player 2', { exact: true }).fill('Bao')
    await tap(page, 'Start the match')
    // Now it is the numbers that are missing.
    await expect(page.getByRole('alert').filter({ hasText: 'not complete yet' })).toBeInViewport()
    await expect(page.getByLabel('Numbers of Ines')).toBeFocused()
  })
})

test('another game’s rules are never shown before those that were asked for', async ({ page }) => {
  await page.addInitScript(() => {
    localStorage.setItem(
      'last-setup',
      JSON.stringify({ game: 'roof-tiles', names: ['Ines', 'Bao'], rules: { target: 12 }, rememberNames: true }),
    )
    const seen = new Set<string>()
    Object.assign(window, { seen })
    new MutationObserver(() => {
      for (const { textContent } of document.querySelectorAll('h2'))
        if (textContent?.startsWith('Agreed for')) seen.add(textContent)
    }).observe(document, { childList: true, subtree: true, characterData: true })
  })
  await page.goto('/new?game=brim&preset=first-steps')
  await expect(page.getByRole('heading', { name: 'Agreed for Brim' })).toBeVisible()
  await page.waitForTimeout(500)
  expect(await page.evaluate(() => [...(window as unknown as { seen: Set<string> }).seen])).toEqual(['Agreed for Brim'])
})

for (const game of ['roof-tiles', 'place-strike', 'skip-count-yard', 'last-digit-chains'])
  test(`${game}: the app lays out, shown large, and the match can begin`, async ({ page, request }) => {
    await page.goto(`/new?game=${game}`)
    for (const [i, name] of ['Wren', 'Kofi'].entries())
      await page.getByLabel(`Name of player ${i + 1}`, { exact: true }).fill(name)
    await tap(page, 'The app lays out')
    const picture = page.getByRole('dialog', { name: /^Lay this out/ })
    await expect(picture).toBeVisible()
    await expect(picture.locator('.outer')).toContainText(/\d/)
    await tap(page, 'It lies on the table')
    await expect(picture).toBeHidden()
    await tap(page, 'Start the match')
    await expect(page).toHaveURL(/\/match\//)
    const match = (await (
      await request.get(`/api/matches/${new URL(page.url()).pathname.split('/').at(-1)}`)
    ).json()) as { opening: object; source: string }
    expect([match.source, Object.keys(match.opening).length]).toEqual(['table', 1])
  })

test('more children than a game takes get two tables at once', async ({ page, request }) => {
  await page.goto('/new?game=top-total')
  for (const name of ['Ines', 'Tomasz', 'Odalys', 'Bao', 'Wren', 'Kofi']) {
    const seats = page.getByLabel(/^Name of player/)
    const count = await seats.count()
    const empty = (
      await seats.evaluateAll((fields) => fields.map((field) => (field as HTMLInputElement).value))
    ).indexOf('')
    if (empty < 0) await tap(page, 'Another player')
    await seats.nth(empty < 0 ? count : empty).fill(`${name} two`)
  }
  await page.getByLabel('Name of the table').fill('Slipway pair')
  await expect(page.getByText('Top Total takes 4 at most. At two tables:')).toBeVisible()
  await tap(page, 'Start both tables')
  await expect(page.getByRole('heading', { name: 'Tables in the room' })).toBeVisible()
  const { matches } = (await (await request.get('/api/matches?limit=200')).json()) as {
    matches: { name: string; seats: { name: string }[] }[]
  }
  const made = matches
    .filter(({ name }) => name.startsWith('Slipway pair'))
    .sort((a, b) => a.name.localeCompare(b.name))
  expect(made.map(({ name, seats }) => [name, seats.length])).toEqual([
    ['Slipway pair 1', 3],
    ['Slipway pair 2', 3],
  ])
})

test('Back closes what lies on top, and leaves the match only with nothing open', async ({ page, request }) => {
  await makeMatch(request, { name: 'Back and forth' })
  await page.goto('/')
  await page.getByRole('listitem').filter({ hasText: 'Back and forth' }).getByRole('link').first().tap()
  await expect(page).toHaveURL(/\/match\//)
  await tap(page, 'More')
  const sheet = page.getByRole('menu', { name: 'More' })
  await expect(sheet).toBeVisible()
  await page.goBack()
  await expect(sheet).toBeHidden()
  await expect(page).toHaveURL(/\/match\//)
  await page.goBack()
  await expect(page).toHaveURL(/\/$/)
})

test('a match rests until later, is marked in the room, and comes back with one touch; its clock runs on', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, { houseRules: { minutes: 20 }, name: 'Resting buoy' })
  await openDesk(page, match)
  await tap(page, 'Start the clock')
  await expect(page.getByRole('button', { name: 'Pause the clock' })).toBeVisible()
  await tap(page, 'More')
  await tap(page, 'Pause until later')
  await expect(page.getByText('Paused until later')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Pad' })).toHaveCount(0)
  await page.goto('/')
  const card = page.getByRole('listitem').filter({ hasText: 'Resting buoy' })
  await expect(card).toContainText('paused until later')
  await card.getByRole('link').first().tap()
  await tap(page, 'Go on')
  await expect(page.getByRole('region', { name: 'Pad' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Pause the clock' })).toBeVisible()
  // Leaving with a clock that runs asks once.
  await page.getByRole('link', { name: /Nimble Tally/ }).tap()
  const asked = page.getByRole('dialog', { name: 'The clock runs on' })
  await expect(asked).toBeVisible()
  await tap(page, 'Stay here')
  await expect(asked).toBeHidden()
  await page.getByRole('link', { name: /Nimble Tally/ }).tap()
  await expect(page).toHaveURL(/\/$/)
})

test('the same play from two devices: there is nothing to send, and that is offered first', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request)
  const roll = play({ do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] })
  // The page doesn't hear of it before it sends its own.
  await page.route('**/live**', (route) => route.abort())
  await openDesk(page, match)
  await page.keyboard.type('65431')
  expect((await append(request, match, 0, roll)).ok()).toBe(true)
  await page.keyboard.press('Enter')
  const panel = page.getByRole('alertdialog', { name: 'Somebody else recorded first' })
  await expect(panel.getByRole('button').first()).toHaveText('That is the same: it stands already')
  await panel.getByRole('button').first().tap()
  await expect(panel).toBeHidden()
  expect(await entriesOf(request, match)).toEqual([roll])
})

test('a wrong answer that was typed is there again after a reload', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'ten-turn-haul' })
  await openDesk(page, match)
  await tap(page, 'Spun 7')
  await tap(page, 'Figure 8')
  await expect(page.getByTestId('verdict')).toContainText('said 8')
  await page.reload()
  await expect(page.getByRole('button', { name: /^S?\s*Total 7, said 8/ })).toBeVisible()
  await expect(page.getByTestId('verdict')).toContainText('said 8')
})

test('a play kept as tried is a slip, and the decision is put away; what was rolled lies there still', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, { game: 'step-and-gather' })
  await openDesk(page, match)
  await tap(page, 'Rolled a 2')
  await tap(page, 'The piece stands on space 3')
  const refused = page.getByRole('group', { name: 'It doesn’t stand' })
  await expect(refused).toBeVisible()
  await tap(page, 'Keep it as tried')
  await expect.poll(async () => (await entriesOf(request, match)).length).toBe(1)
  await expect(refused).toBeHidden()
  await page.waitForTimeout(400)
  await page.getByRole('region', { name: 'Pad' }).locator('.key-main').first().tap()
  await expect.poll(async () => (await entriesOf(request, match)).length).toBe(2)
  expect((await entriesOf(request, match)).at(-1)).toMatchObject({ play: { do: 'step', by: 1, roll: 2 } })
  expect((await entriesOf(request, match)).at(-1)).not.toMatchObject({ play: { landed: expect.anything() } })
})

test('verdict and pad keep their place between the steps of a play', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request, { game: 'ten-turn-haul' }))
  const top = async () => (await page.getByTestId('verdict').boundingBox())!.y
  // The pad is as high as its highest step was once.
  await tap(page, 'Spun 7')
  await tap(page, /Total 7, said 7/)
  await expect(page.getByRole('button', { name: 'Spun 5', exact: true })).toBeVisible()
  const before = await top()
  await tap(page, 'Spun 5')
  await expect(page.getByRole('button', { name: /Total 5, said 5/ })).toBeVisible()
  expect(await top()).toBe(before)
})

test('with four players “Play again” is in sight at every size, and can be left again', async ({ page, request }) => {
  const players = ['Ferrymaster', 'Lanternlight', 'Harbourpilot', 'Capstancrew']
  const match = await makeMatch(request, { game: 'top-total', players, entries: [{ call: 'finish' }] })
  await openDesk(page, match)
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect(page.getByRole('button', { name: 'Play again' })).toBeInViewport()
    // No name is a letter and a point.
    for (const name of await page.locator('[aria-label="Players"] .name').all())
      expect((await name.boundingBox())!.width).toBeGreaterThan(40)
  }
  await tap(page, 'Play again')
  await tap(page, 'Not yet')
  await expect(page.getByRole('button', { name: 'Play again' })).toBeVisible()
})
