import { expect, test } from '@playwright/test'
import { archiveOf, expectScanned, makeMatch, openDesk, SIZES, tap, wider } from './helpers'

/** Getting a table ready: what lies ready, house rules under a name, the choice board, what to try next. */
test.use({ hasTouch: true })

const rulesFile = (changes: object = {}) =>
  Buffer.from(
    JSON.stringify({
      format: 'nimble-tally/house-rules',
      version: 1,
      game: 'top-total',
      name: 'Gull total',
      houseRules: { rounds: 4 },
      ...changes,
    }),
  )

test('what lies ready follows the rules: cards kept and taken out, the drift, who sits where, what to say', async ({
  page,
}) => {
  await page.goto('/new?game=ebb-and-flow')
  const ready = page.getByRole('region', { name: 'Lay ready' })
  await expect(ready.getByRole('region', { name: 'Keep' })).toContainText('24')
  await expect(ready.getByRole('region', { name: 'Take out' })).toContainText('28')
  await expect(ready).toContainText('12 evens add 72 together')
  await tap(page, 'Small numbers')
  await expect(ready.getByRole('region', { name: 'Make' })).toHaveCount(0)
  await expect(ready).toContainText('After 6 turns each the highest total wins.')
  await page.getByLabel('Name of player 1').fill('Wren')
  await page.getByLabel('Name of player 2').fill('Kofi')
  await page.getByRole('button', { name: 'starts' }).nth(1).tap()
  await expect(ready).toContainText('Kofi, then Wren; and round again, with the clock.')
})

test('house rules are kept under a name, used, renamed, replaced, handed on and deleted', async ({ page, request }) => {
  await page.goto('/new?game=step-and-gather')
  await tap(page, 'Twelve spaces')
  await tap(page, 'Keep under a name')
  await page.getByLabel('Name of these house rules').fill('Our Tuesday walk')
  await page.keyboard.press('Enter')
  const key = page.getByRole('button', { name: 'Our Tuesday walk', exact: true })
  await expect(key).toHaveAttribute('aria-pressed', 'true')
  await tap(page, 'Twenty spaces')
  await expect(key).toHaveAttribute('aria-pressed', 'false')
  // It is there for the next one too, and leads to the same rules.
  await page.goto('/new?game=step-and-gather')
  await tap(page, 'Twenty spaces')
  await key.tap()
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('own path of 12 spaces')
  // The same name twice is refused, and what was typed stays.
  await tap(page, 'Home exactly')
  await tap(page, 'Keep under a name')
  await page.getByLabel('Name of these house rules').fill('our tuesday WALK')
  await tap(page, 'Keep')
  await expect(page.getByRole('alert')).toContainText('called “Our Tuesday walk” already')
  await expect(page.getByLabel('Name of these house rules')).toHaveValue('our tuesday WALK')
  await tap(page, 'House rules under a name')
  await tap(page, 'Rename Our Tuesday walk')
  await page.getByLabel('New name', { exact: true }).fill('Thursday walk')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: 'Now called “Thursday walk”.' })).toBeVisible()
  await tap(page, 'Take the rules as they stand')
  await expect(page.getByRole('status').filter({ hasText: 'is now what stands here' })).toBeVisible()
  const [kept] = (await (await request.get('/api/house-rules?game=step-and-gather')).json()).rules
  expect(kept).toMatchObject({ name: 'Thursday walk', houseRules: { atEnd: 'exact' } })
  const link = page.getByRole('link', { name: 'Hand on Thursday walk as a file' })
  expect(await (await request.get((await link.getAttribute('href'))!)).json()).toMatchObject({
    format: 'nimble-tally/house-rules',
    version: 1,
    game: 'step-and-gather',
    houseRules: { atEnd: 'exact' },
  })
  await tap(page, 'Delete Thursday walk')
  await tap(page, 'Delete it')
  await expect(page.getByText('None yet')).toBeVisible()
})

test('a colleague’s house rules come in; a broken file says what and where, and changes nothing', async ({
  page,
  request,
}) => {
  await page.goto('/new?game=top-total')
  await tap(page, 'House rules under a name')
  const bring = (buffer: Buffer) =>
    page.getByLabel('House rules file').setInputFiles({ name: 'rules.json', mimeType: 'application/json', buffer })
  await bring(rulesFile({ houseRules: { rounds: 999, nothing: 1 } }))
  await expect(page.getByRole('alert')).toContainText('houseRules.rounds')
  await expect(page.getByRole('alert')).toContainText('houseRules.nothing')
  await bring(Buffer.from('{"format":'))
  await expect(page.getByRole('alert')).toContainText('nothing was changed')
  expect((await (await request.get('/api/house-rules?game=top-total')).json()).rules).toEqual([])
  await bring(rulesFile())
  await expect(page.getByText('“Gull total” is here now.')).toBeVisible()
  await page.keyboard.press('Escape')
  await tap(page, 'Gull total')
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('4 rounds; most rounds win.')
  // An archive takes it along, and brings it back.
  const [kept] = (await (await request.get('/api/house-rules?game=top-total')).json()).rules
  const archive = await archiveOf(request, kept.id)
  await request.delete(`/api/house-rules/${kept.id}`)
  await request.post('/api/archive', { data: archive })
  expect((await (await request.get('/api/house-rules?game=top-total')).json()).rules).toEqual([kept])
  await request.delete(`/api/house-rules/${kept.id}`)
})

test('the choice board counts who played what, and filters by the children touched', async ({ page, request }) => {
  const person = async (name: string) => ({
    name,
    pennant: 1,
    personId: (await (await request.post('/api/people', { data: { name } })).json()).id as string,
  })
  const [keel, oar] = [await person(`Keel ${Date.now()}`), await person(`Oar ${Date.now()}`)]
  const sit = (game: string, seats: object[]) => request.post('/api/matches', { data: { game, seats, first: 1 } })
  await sit('brim', [oar, keel])
  await sit('brim', [oar])
  await sit('top-total', [oar, keel])
  await page.goto('/choices')
  await tap(page, keel.name)
  await tap(page, oar.name)
  const row = (title: string) => page.getByRole('row').filter({ hasText: title })
  await expect(row('Brim').getByRole('cell')).toHaveText(['1', '2'].map((n) => new RegExp(`^${n}`)))
  await tap(page, 'Only once')
  await expect(page.getByRole('row')).toHaveCount(2)
  await expect(row('Top Total')).toBeVisible()
  await tap(page, 'Not yet')
  await expect(row('Brim')).toHaveCount(0)
  await expect(row('Top Total')).toHaveCount(0)
  await page.reload()
  await expect(row('Brim')).toHaveCount(0)
  // From a game to the table with these children.
  await page.getByRole('link', { name: 'Ten-Turn Haul', exact: true }).tap()
  await expect(page.getByLabel('Name of player 1')).toHaveValue(keel.name)
  await expect(page.getByLabel('Name of player 2')).toHaveValue(oar.name)
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('Agreed for Ten-Turn Haul')
})

test('the choice board passes the scan, and nothing is cut off sideways', async ({ page }) => {
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
    await page.goto('/choices')
    await expect(page.locator('[aria-busy="true"]')).toHaveCount(0)
    await expectScanned(page)
  }
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect.poll(() => wider(page)).toBe(0)
  }
})

test('after a match one touch leads to the next level, with the numbers that say so', async ({ page, request }) => {
  const turn = [
    { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } },
    { play: { do: 'stop', by: 1, said: 19, explained: true, how: 'made-ten' } },
  ]
  const match = await makeMatch(request, {
    players: ['Ines'],
    houseRules: { rounds: 8 },
    entries: Array.from({ length: 8 }, () => turn).flat(),
  })
  await openDesk(page, match)
  await expect(page.getByTestId('next')).toContainText(
    '8 of 8 answers were right: “Freeze each time” would be the next step.',
  )
  await page.getByRole('link', { name: 'Try Freeze each time' }).tap()
  await expect(page.getByLabel('Name of player 1')).toHaveValue('Ines')
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('5 rounds')
})
