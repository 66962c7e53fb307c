import { expect, test, type APIRequestContext } from '@playwright/test'
import Papa from 'papaparse'
import { append, choose, expectScanned, faultsOf, makeMatch, SIZES, tap, wider } from './helpers'
import { ownServer } from './server'

/** People, what each can do by now, forgetting, and the logbook. */
test.use({ hasTouch: true })

let made = 0
const fresh = (name: string) => `${name} ${Date.now() % 1e6}${made++}`
async function person(
  request: APIRequestContext,
  name: string,
): Promise<{ name: string; pennant: number; personId: string }> {
  const answer = await request.post('/api/people', { data: { name } })
  expect(answer.status()).toBe(201)
  return { name, pennant: 1, personId: ((await answer.json()) as { id: string }).id }
}
async function sit(
  request: APIRequestContext,
  game: string,
  seats: readonly object[],
  entries: readonly object[] = [],
  more: object = {},
): Promise<string> {
  const { id } = (await (await request.post('/api/matches', { data: { game, seats, first: 1, ...more } })).json()) as {
    id: string
  }
  for (const [i, entry] of entries.entries()) expect((await append(request, id, i, entry)).ok()).toBe(true)
  return id
}
const roll = (by: number, dice: readonly number[], said?: number) => ({
  play: { do: 'roll', by, dice, ...(said === undefined ? {} : { said }) },
})
/** Three rounds of Top Total in which the first player gets 6 + 5 wrong. */
const WRONG = [1, 2, 3].flatMap(() => [roll(1, [6, 5], 12), roll(2, [1, 2], 3)])

test('a child’s page opens where something is shaky, prints without its keys, and goes out as CSV', async ({
  page,
  request,
}) => {
  const [bao, ines] = [await person(request, fresh('Bao')), await person(request, fresh('Ines'))]
  const wrong = [1, 2, 3].flatMap(() => [1, 2].map((by) => ({ play: { do: 'rung', by, roll: 7, said: 20 + by } })))
  await sit(request, 'table-ladder', [bao, ines], wrong, { houseRules: { factors: [3, 3] } })
  await page.addInitScript(() => localStorage.setItem('fact-square', 'add'))
  await page.goto(`/people/${ines.personId}`)
  await expect(page.getByRole('grid', { name: 'Times' })).toBeVisible()
  const csv = await (await request.get(`/api/people/${ines.personId}/export?as=csv`)).text()
  const [row] = Papa.parse<Record<string, string>>(csv.trim(), { header: true }).data
  expect(row).toMatchObject({ fact: '3 × 7', stands: 'shaky', tries: '3', right: '0' })
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('heading', { name: ines.name })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Times' })).toBeVisible()
  await expect(page.locator('main .key:visible')).toHaveCount(0)
})

test('a child’s page: the square by keyboard, what is shaky and why, and one touch to a table that practises it', async ({
  page,
  request,
}) => {
  const [wren, kofi] = [await person(request, fresh('Wren')), await person(request, fresh('Kofi'))]
  await sit(request, 'top-total', [wren, kofi], WRONG)
  await page.goto(`/people/${wren.personId}`)
  await expect(page.getByRole('heading', { name: wren.name })).toBeVisible()
  await expect(
    page.getByRole('listitem').filter({ hasText: '5 + 6: shaky, wrong the last time (said 12); 0 of 3 right.' }),
  ).toBeVisible()
  await expect(page.getByText('One too many or too few')).toBeVisible()
  const cell = (row: number, column: number) =>
    page.getByRole('grid', { name: 'Addition' }).locator(`[data-key="${row} ${column}"]`)
  await expect(cell(5, 6)).toHaveAccessibleName('5 + 6 = 11: shaky')
  await expect(cell(6, 5)).toHaveAccessibleName('6 + 5 = 11: shaky')
  await expect(cell(1, 2)).toHaveAccessibleName('1 + 2 = 3: not practised')
  await cell(0, 0).focus()
  for (const key of ['ArrowDown', 'ArrowDown', 'ArrowRight']) await page.keyboard.press(key)
  await expect(cell(2, 1)).toBeFocused()
  await expect(page.getByText('2 + 1: not practised yet.')).toBeVisible()
  await cell(6, 5).tap()
  await expect(page.getByRole('status').filter({ hasText: '5 + 6: shaky' })).toBeVisible()
  await tap(page, 'Times')
  await expect(page.getByRole('grid', { name: 'Times' })).toBeVisible()
  await page.getByRole('region', { name: 'What to play next' }).getByRole('link').first().tap()
  await expect(page).toHaveURL(/\/new\?/)
  await expect(page.getByLabel('Name of player 1')).toHaveValue(wren.name)
})

test('a name is put right; the same child under two spellings becomes one', async ({ page, request }) => {
  const [ines, inez] = [await person(request, fresh('Ines')), await person(request, fresh('Inez'))]
  const match = await sit(request, 'top-total', [inez, await person(request, fresh('Bao'))], WRONG)
  await page.goto(`/people/${inez.personId}`)
  await tap(page, 'Rename …')
  const field = page.getByLabel('First name or nickname')
  await field.fill(ines.name)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('already')
  await expect(field).toHaveValue(ines.name)
  await tap(page, 'Both are one: merge')
  await expect(page).toHaveURL(/\/people$/)
  await page.getByLabel('Find a name').fill(ines.name)
  await page.getByRole('link', { name: new RegExp(ines.name) }).tap()
  await expect(page.getByText('5 + 6: shaky').first()).toBeVisible()
  const stored = (await (await request.get(`/api/matches/${match}`)).json()) as { seats: { personId: string }[] }
  expect(stored.seats[0]!.personId).toBe(ines.personId)
})

test('forgetting takes a name out of everything that is kept, and says how much that was', async ({
  page,
  request,
}) => {
  const [gone, stays] = [await person(request, fresh('Odalys')), await person(request, fresh('Tomasz'))]
  const remark = { call: 'note', why: `${gone.name} counted the crates aloud` }
  const match = await sit(request, 'top-total', [gone, stays], [...WRONG, remark], {
    name: `${gone.name} and co`.slice(0, 40),
  })
  // Where the name was only typed, too, and where somebody is called so already.
  const typed = await sit(request, 'top-total', [
    { name: gone.name.toUpperCase(), pennant: 1 },
    { name: 'a player', pennant: 2 },
  ])
  const file = (await (await request.get(`/api/people/${gone.personId}/export`)).json()) as {
    facts: object[]
    matches: object[]
  }
  expect(file).toMatchObject({
    format: 'nimble-tally/person',
    name: gone.name,
    matches: [{ game: 'top-total', seat: 1, players: 2 }],
  })
  expect(file.facts.length).toBeGreaterThan(2)
  expect(JSON.stringify(file)).not.toContain(stays.name)
  await page.goto(`/people/${gone.personId}`)
  await tap(page, 'Forget …')
  await expect(page.getByText(`${file.facts.length} practised facts are deleted`)).toBeVisible()
  await page.getByRole('dialog').getByRole('button', { name: 'Forget', exact: true }).tap()
  await expect(page.getByRole('status')).toContainText(
    `Forgotten: 1 person, 2 matches, ${file.facts.length} practised facts, 1 remark.`,
  )
  const everything = await (await request.get('/api/archive')).text()
  expect(everything.toLowerCase()).not.toContain(gone.name.toLowerCase())
  for (const kind of ['json', 'csv', 'txt'])
    expect(await (await request.get(`/api/matches/${match}/export?as=${kind}`)).text()).not.toContain(gone.name)
  const listed = await (await request.get('/api/matches?limit=200')).text()
  expect(listed.toLowerCase()).not.toContain(gone.name.toLowerCase())
  const seatsOf = async (id: string) =>
    ((await (await request.get(`/api/matches/${id}`)).json()) as { seats: { name: string }[] }).seats.map(
      ({ name }) => name,
    )
  expect([await seatsOf(match), await seatsOf(typed)]).toEqual([
    ['a player', stays.name],
    ['a player 2', 'a player'],
  ])
  expect((await request.get(`/api/people/${gone.personId}/facts`)).status()).toBe(200)
  expect(
    ((await (await request.get(`/api/people/${gone.personId}/facts`)).json()) as { facts: object[] }).facts,
  ).toEqual([])
  expect((await request.delete(`/api/people/${gone.personId}`)).status()).toBe(404)
  // The other one's facts are still there, and the match goes on.
  expect(
    ((await (await request.get(`/api/people/${stays.personId}/facts`)).json()) as { facts: object[] }).facts.length,
  ).toBe(3)
  expect((await append(request, match, WRONG.length + 1, roll(1, [1, 1], 2))).ok()).toBe(true)
})

test('the demo is cleared in one go; what is old is counted before it is forgotten', async ({ page }) => {
  test.slow()
  const server = ownServer(61)
  await server.start({ NIMBLE_DEMO: '1' })
  try {
    const own = await server.post('/api/matches', { game: 'brim', seats: [{ name: 'Oar', pennant: 1 }], first: 1 })
    expect(own.status).toBe(201)
    await page.goto(`${server.address}/people`)
    await expect(page.getByRole('table', { name: 'People' }).locator('tbody tr')).toHaveCount(8)
    await tap(page, 'Clear the demo tables away …')
    await tap(page, 'Clear it away')
    await expect(page.getByRole('status')).toContainText(/Cleared away: 8 people, \d+ matches/)
    // Where there is no demo there is nothing to clear.
    await expect(page.getByRole('button', { name: 'Clear the demo tables away …' })).toHaveCount(0)
    expect(
      (await server.get<{ matches: { seats: { name: string }[] }[] }>('/api/matches')).matches.map(
        ({ seats }) => seats[0]!.name,
      ),
    ).toEqual(['Oar'])
    await page.getByLabel('Everything older than').fill('1')
    await page.keyboard.press('Enter')
    await tap(page, 'How much is that?')
    await expect(page.getByText('0 people, 0 matches')).toBeVisible()
    await page.getByLabel('Everything older than').fill('0')
    await page.keyboard.press('Enter')
    await tap(page, 'How much is that?')
    await tap(page, 'Forget it …')
    await tap(page, 'Forget it')
    await expect(page.getByRole('status')).toContainText('1 match')
    expect((await server.get<{ matches: object[] }>('/api/matches')).matches).toEqual([])
  } finally {
    await server.stop()
  }
})

test('the logbook: by people, game, table and words; series among the same people; CSV; pages', async ({
  page,
  request,
}) => {
  const [keel, oar] = [await person(request, fresh('Keel')), await person(request, fresh('Oar'))]
  const finish = { call: 'finish' }
  const table = fresh('Buoy')
  await sit(request, 'top-total', [keel, oar], [roll(1, [6, 6], 12), roll(2, [1, 1], 2), finish], { name: table })
  await sit(request, 'top-total', [oar, keel], [roll(1, [1, 1], 2), roll(2, [6, 5], 11), finish])
  await sit(request, 'brim', [keel])
  await page.goto('/logbook')
  await tap(page, keel.name)
  await expect(page.getByRole('status')).toHaveText('3 matches')
  await tap(page, oar.name)
  await expect(page.getByRole('status')).toHaveText('2 matches')
  await expect(page.getByRole('region', { name: 'Among just these' })).toContainText(
    `Top Total: ${keel.name} 2 : ${oar.name} 0 of 2`,
  )
  await choose(page, 'Table', table)
  await expect(page.getByRole('status')).toHaveText('1 match')
  const csv = await (await request.get((await page.getByRole('link', { name: 'CSV' }).getAttribute('href'))!)).text()
  const rows = Papa.parse<Record<string, string>>(csv.trim(), { header: true }).data
  expect(rows).toMatchObject([
    {
      game: 'Top Total',
      table,
      players: `${keel.name}; ${oar.name}`,
      scores: '1; 0',
      winners: keel.name,
      over: 'yes',
      entries: '3',
    },
  ])
  await page.reload()
  await expect(page.getByRole('status')).toHaveText('1 match')
  await page.goto('/logbook')
  await page.getByLabel('Find in the logbook').fill(table.toUpperCase())
  await expect(page.getByRole('status')).toHaveText('1 match')
  await page.getByLabel('Find in the logbook').fill('100% nothing_')
  await expect(page.getByText('Nothing of that kind was played.')).toBeVisible()
  await tap(page, 'Over the weeks')
  await expect(page.getByText('Nothing was played in the last half year with this filter.')).toBeVisible()
  await page.getByLabel('Find in the logbook').fill(keel.name)
  await expect(page.getByRole('img', { name: 'Matches a week, as in the table' })).toBeVisible()
  await page.getByText('The numbers').tap()
  await expect(page.locator('tbody tr').first().getByRole('cell').nth(1)).toHaveText('3')
  // Pages follow each other without a gap.
  const ids = new Set<string>()
  let next: string | null = ''
  let total = 0
  while (next !== null) {
    const found = (await (
      await request.get(`/api/logbook?who=${keel.personId}&limit=1${next ? `&before=${encodeURIComponent(next)}` : ''}`)
    ).json()) as {
      matches: { id: string }[]
      next: string | null
      total: number | null
    }
    total = found.total ?? total
    for (const { id } of found.matches) ids.add(id)
    next = found.next
  }
  expect([ids.size, total]).toEqual([3, 3])
})

test('people, a child’s page and the logbook pass the scan, and nothing is cut off sideways', async ({
  page,
  request,
}) => {
  test.slow()
  const wren = await person(request, fresh('Wren'))
  await sit(request, 'top-total', [wren, await person(request, fresh('Yusuf'))], WRONG)
  await makeMatch(request)
  for (const path of ['/people', `/people/${wren.personId}`, `/logbook?who=${wren.personId}`]) {
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
      await page.goto(path)
      await expect(page.locator('h1').first()).toBeVisible()
      await expect(page.locator('[aria-busy="true"]')).toHaveCount(0)
      if (path.startsWith('/logbook')) await tap(page, 'Over the weeks')
      expect([path, await faultsOf(page)]).toEqual([path, []])
    }
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height })
      await expect.poll(async () => [path, width, await wider(page)]).toEqual([path, width, 0])
    }
    await page.setViewportSize({ width: 1280, height: 800 })
  }
})

test('a day in one page: what was played and practised, what is shaky, remarks; printed, and as CSV', async ({
  page,
  request,
}) => {
  // The day lists whatever the other suites have played since the server began.
  test.slow()
  const [wren, bao] = [await person(request, fresh('Wren')), await person(request, fresh('Bao'))]
  const table = fresh('Lantern')
  await sit(
    request,
    'top-total',
    [wren, bao],
    [...WRONG, { call: 'note', why: 'counted the crates aloud' }, { call: 'finish' }],
    { name: table },
  )
  await page.goto('/day/today')
  await expect(page.getByRole('listitem').filter({ hasText: table }).first()).toContainText(`${wren.name} 3 won`)
  const row = page.getByRole('row').filter({ hasText: wren.name })
  await expect(row.getByRole('cell')).toHaveText([wren.name, '1', '1', '3', '0', '0 of 3', '5 + 6'])
  await expect(page.getByText('counted the crates aloud').first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Next time' }).getByRole('link').first()).toBeVisible()
  const csv = await (await request.get((await page.getByRole('link', { name: 'CSV' }).getAttribute('href'))!)).text()
  const rows = Papa.parse<Record<string, string>>(csv.trim(), { header: true }).data
  expect(rows.find(({ name }) => name === wren.name)).toEqual({
    name: wren.name,
    matches: '1',
    won: '1',
    facts: '3',
    'longer sums': '0',
    answers: '3',
    right: '0',
    shaky: '5 + 6',
  })
  await expectScanned(page)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print it' })).toBeHidden()
  await page.emulateMedia({ media: 'screen' })
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect.poll(() => wider(page)).toBe(0)
  }
  await page.goto('/day/2001-02-03')
  await expect(page.getByText('Nothing was played on this day.')).toBeVisible()
  await page.getByRole('link', { name: 'The day after' }).tap()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Sunday,? 4 February 2001$/)
  expect((await request.get('/api/day?from=2001-01-01T00:00:00Z&to=2002-01-01T00:00:00Z')).status()).toBe(422)
})
