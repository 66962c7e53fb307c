import { expect, test, type Page } from '@playwright/test'
import { choose, expectFaultless, tap } from './helpers'
import { ownServer } from './server'

/** Thursday with a class: the list pasted, tables made and started, the next game, and the same tables a week later. */
const server = ownServer(77)
test.use({ hasTouch: true, baseURL: server.address })
test.beforeAll(() => server.start())
test.afterAll(() => server.stop())
test.describe.configure({ mode: 'serial' })

const CHILDREN = ['Ines', 'Tomasz', 'Odalys', 'Bao', 'Wren', 'Kofi', 'Linnea', 'Yusuf'].flatMap((name) => [
  name,
  `${name} of the pier`,
  `${name} of the dunes`,
])
interface Listed {
  readonly id: string
  readonly name: string
  readonly game: string
  readonly houseRules: object
  readonly first: number
  readonly over: boolean
  readonly last: number
  readonly seats: readonly { readonly name: string; readonly pennant: number; readonly personId: string | null }[]
}
const matches = async () => (await server.get<{ matches: Listed[] }>('/api/matches')).matches
const tables = (page: Page) => page.locator('li[data-place]:not([data-place="new"])')
const people = () =>
  server.get<{ people: { id: string; name: string; pennant: number; classes: string[] }[] }>('/api/people')

test('from a pasted list to eight tables that play: few touches, no pennant twice at a table', async ({ page }) => {
  test.slow()
  let touches = 0
  const touch = async (what: string | RegExp) => {
    touches++
    await tap(page, what)
  }
  await page.goto('/room')
  await touch('Many at once …')
  const sheet = page.getByRole('dialog', { name: 'Many names at once' })
  await expect(sheet).toContainText('First names or nicknames only')
  await sheet.getByLabel('Names').fill(`Nr\tFirst name\n${CHILDREN.map((name, i) => `${i + 1}\t${name}`).join('\n')}`)
  await sheet.getByLabel('Class', { exact: true }).fill('Herons')
  await expect(sheet.getByRole('list', { name: 'What will be kept' }).getByRole('listitem')).toHaveCount(24)
  await touch('Keep 24 new names')
  await expect(page.getByRole('heading', { name: /Who is here/ })).toContainText('24 of 24')
  await touch('By chance')
  await expect(tables(page)).toHaveCount(8)
  touches += 2
  await choose(page, 'Game at Lantern', 'Top Total')
  await tables(page).first().getByRole('button', { name: 'The same for all' }).tap()
  await touch('Start all 8 tables')
  await expect(page).toHaveURL(`${server.address}/`)
  const started = await matches()
  expect(started).toHaveLength(8)
  for (const { seats } of started) expect(new Set(seats.map(({ pennant }) => pennant)).size).toBe(seats.length)
  // By lot: of eight tables of three not everybody who stands first begins but once in 6,561 days.
  expect(new Set(started.map(({ first }) => first)).size).toBeGreaterThan(1)
  expect((await people()).people.every(({ classes }) => classes.join() === 'Herons')).toBe(true)
  expect(touches).toBeLessThanOrEqual(20)
})

test('names that are here, twice or nearly somebody’s are told before anything is kept', async ({ page }) => {
  await page.goto('/people')
  await tap(page, 'Many at once …')
  const sheet = page.getByRole('dialog', { name: 'Many names at once' })
  await sheet.getByLabel('Names').fill('Ines, Odalis, Linea, Mika, mika, ' + 'x'.repeat(41))
  const list = sheet.getByRole('list', { name: 'What will be kept' })
  await expect(list).toContainText('Ines is here already')
  await expect(list).toContainText('Odalys is here: the same child?')
  await expect(sheet).toContainText('Twice in the list, kept once: mika.')
  await expect(sheet).toContainText('Too long for a name')
  await sheet.getByRole('group', { name: 'Is Odalis Odalys?' }).getByRole('button', { name: 'The same' }).tap()
  await sheet.getByLabel('Class', { exact: true }).fill('Terns')
  await expectFaultless(page)
  // What was typed outlasts a reload.
  await page.reload()
  await tap(page, 'Many at once …')
  await expect(sheet.getByLabel('Names')).toHaveValue(/Odalis/)
  await sheet.getByRole('group', { name: 'Is Odalis Odalys?' }).getByRole('button', { name: 'The same' }).tap()
  await tap(page, 'Keep 2 new names, 2 known')
  await expect(page.getByText('4 names in Terns.')).toBeVisible()
  await expect(page.getByRole('table', { name: 'People' }).locator('tbody tr')).toHaveCount(26)
  await page.getByRole('radio', { name: 'Terns' }).tap()
  await expect(page.getByRole('table', { name: 'People' }).locator('tbody tr')).toHaveCount(4)
  const odalys = (await people()).people.find(({ name }) => name === 'Odalys')!
  expect(odalys.classes).toEqual(['Herons', 'Terns'])
  // A class is left on the child's page.
  await page.goto(`/people/${odalys.id}`)
  await page.getByRole('region', { name: 'Classes' }).getByRole('button', { name: 'Herons' }).tap()
  await expect.poll(async () => (await people()).people.find(({ id }) => id === odalys.id)!.classes).toEqual(['Terns'])
})

test('who still plays is told; tables that are over get their next game; a week later the same tables sit again', async ({
  page,
}) => {
  const started = await matches()
  const done = started.slice(0, 3)
  for (const { id, last } of done) {
    const sent = { id: `finish-${id}`, after: last, entry: { call: 'finish' } }
    expect((await server.post(`/api/matches/${id}/entries`, sent)).ok).toBe(true)
  }
  await page.goto('/room')
  await tap(page, 'Next game for 3 tables that are over')
  await expect(tables(page)).toHaveCount(3)
  const names = await tables(page).locator('[data-person]').allInnerTexts()
  expect(names.map((name) => name.trim()).sort()).toEqual(
    done.flatMap(({ seats }) => seats.map(({ name }) => name)).sort(),
  )
  await expect(page.getByLabel(`Game at ${done[0]!.name}`)).toHaveText('Top Total')
  // Somebody who still plays elsewhere is seated here too: allowed, and told.
  const busy = started[5]!.seats[0]!
  await page.getByRole('button', { name: busy.name, exact: true }).first().tap()
  await page.getByRole('button', { name: `${busy.name}: touch it` }).tap()
  await tables(page)
    .first()
    .getByRole('button', { name: `${busy.name} here` })
    .tap()
  await expect(page.getByText(`${busy.name} (at ${started[5]!.name}) still plays`)).toBeVisible()
  await tap(page, /Start all 3 tables/)
  await expect(page).toHaveURL(`${server.address}/`)
  expect(await matches()).toHaveLength(11)

  await page.goto('/room')
  await tap(page, 'End the session')
  await tap(page, 'End it')
  await expect(page).toHaveURL(/\/session\//)
  await page.getByRole('link', { name: 'The same tables again' }).tap()
  await expect(tables(page)).toHaveCount(8)
  await expect(page.getByRole('heading', { name: /Who is here/ })).toContainText('24 of 26')
  await tap(page, 'Undo')
  await expect(tables(page)).toHaveCount(0)
})

test('a game of our own stands on the card by its name; a table may have a clock of its own', async ({ page }) => {
  const kept = await server.post('/api/house-rules', {
    game: 'own-game',
    name: 'Gull run',
    houseRules: { wins: 'nearest', goal: 50 },
  })
  expect([kept.status, kept.status < 300 ? '' : await kept.text()]).toEqual([201, ''])
  await page.goto('/room')
  for (const { name } of (await people()).people.slice(3, 5))
    await page.getByRole('button', { name, exact: true }).first().tap()
  await tap(page, '2')
  await tap(page, 'By chance')
  await expect(tables(page)).toHaveCount(1)
  // Found by what it practises; another one is chosen all the same.
  await tap(page, 'Find a game for Lantern')
  const finder = page.getByRole('dialog', { name: 'A game for Lantern' })
  await finder.getByLabel('Search the games').fill('times tables')
  await finder.getByRole('button', { name: /^Table Ladder/ }).tap()
  await expect(page.getByLabel('Game at Lantern')).toHaveText('Table Ladder')
  await choose(page, 'Game at Lantern', 'Gull run')
  await expect(page.getByLabel('House rules at Lantern')).toHaveText('Gull run')
  await choose(page, 'Clock at Lantern', 'Clock of 15 minutes')
  await tap(page, 'Start the table')
  await expect(page).toHaveURL(`${server.address}/`)
  const made = (await matches()).find(({ game }) => game === 'own-game')!
  expect(made.houseRules).toMatchObject({ goal: 50, minutes: 15 })
  await server.post(`/api/matches/${made.id}/entries`, { id: 'gull-run-end', after: 0, entry: { call: 'finish' } })
})

test('one child is gone: the table begins anew with who is there, and what was reached is told', async ({ page }) => {
  const [one, two, three] = (await people()).people.slice(0, 3)
  const seats = [one!, two!, three!].map(({ id, name }, i) => ({ personId: id, name, pennant: i + 1 }))
  const made = await server.post('/api/room/tables', {
    tables: [{ game: 'top-total', name: 'Mooring', first: 1, seats }],
  })
  const [id] = ((await made.json()) as { made: string[] }).made
  const entry = { play: { do: 'roll', by: 1, dice: [6, 5], said: 11 } }
  expect((await server.post(`/api/matches/${id}/entries`, { id: 'mooring-1', after: 0, entry })).ok).toBe(true)
  await page.goto('/room')
  await page.getByRole('button', { name: /^Mooring: / }).tap()
  await expect(tables(page)).toHaveCount(1)
  await page.getByRole('button', { name: `${three!.name}: touch it` }).tap()
  await tap(page, `${three!.name} is not here today`)
  await tap(page, 'Start the table')
  // What is read out stands in the page as well, for a moment.
  const reached = `Mooring until now: ${one!.name} 0, ${two!.name} 0 and ${three!.name} 0.`
  await expect(page.getByText(reached, { exact: true })).toBeVisible()
  const now = (await matches()).filter(({ name }) => name === 'Mooring')
  expect(now.map(({ over, seats: all }) => [over, all.length]).sort()).toEqual([
    [false, 2],
    [true, 3],
  ])
  for (const { id: match, last } of now.filter(({ over }) => !over))
    await server.post(`/api/matches/${match}/entries`, { id: 'mooring-end', after: last, entry: { call: 'finish' } })
})

test('a table that was left unfinished is closed from the logbook, and opened again', async ({ page }) => {
  const open = async () => (await matches()).filter(({ over }) => !over).length
  const before = await open()
  await page.goto('/logbook')
  await page
    .getByRole('button', { name: /^Finish .* as it stands$/ })
    .first()
    .tap()
  await expect.poll(open).toBe(before - 1)
  await tap(page, 'Undo')
  await expect.poll(open).toBe(before)
})

test('the logbook by class and from a day to another, in its list and its CSV', async ({ page }) => {
  const total = (await matches()).length
  await page.goto('/logbook')
  const found = page.getByRole('status').filter({ hasText: /match(es)?$/ })
  await expect(found).toHaveText(`${total} matches`)
  // Of the Terns only Ines and Odalys played: at most two tables at a time, and never all of them.
  await page.getByRole('radio', { name: 'Terns' }).tap()
  await expect(page).toHaveURL(/of=Terns/)
  await expect(found).not.toHaveText(`${total} matches`)
  const { matches: theirs } = await server.get<{ matches: Listed[] }>('/api/logbook?of=Terns')
  expect(theirs.length).toBeGreaterThan(0)
  for (const { seats } of theirs) expect(seats.some(({ name }) => /^(Ines|Odalys)$/.test(name))).toBe(true)
  const csv = async (query: string) =>
    (await (await fetch(`${server.address}/api/logbook/export?${query}`)).text()).trim()
  expect((await csv('of=Terns')).split('\r\n')).toHaveLength(1 + theirs.length)
  expect((await csv('')).split('\r\n')[0]).toMatch(/,match,minutes$/)
  // Today and no earlier day.
  await page.getByRole('radio', { name: 'Everybody' }).tap()
  await tap(page, 'Any time')
  const today = page.locator('[data-today]')
  await today.first().click()
  await today.first().click()
  await expect(page).toHaveURL(/from=\d{4}-\d\d-\d\d&to=/)
  await expect(found).toHaveText(`${total} matches`)
  await expectFaultless(page)
  await tap(page, 'Any time again')
  await expect(page).not.toHaveURL(/from=/)
  const { matches: before } = await server.get<{ matches: Listed[] }>('/api/logbook?from=2020-01-01&to=2020-12-31')
  expect(before).toEqual([])
  const wrong = await fetch(`${server.address}/api/logbook?from=2026-11-02&to=2026-11-01`)
  expect(wrong.status).toBe(422)
  expect((await fetch(`${server.address}/api/logbook?from=2026-13-45`)).status).toBe(422)
})
