import { expect, test, type Page } from '@playwright/test'
import { choose, expectScanned, SIZES, tap, wider } from './helpers'
import { ownServer } from './server'

/** Seating a room of 24 at 8 tables, by touch, mouse and keyboard; all of it started with one touch. */
test.use({ hasTouch: true })

const NAMES = ['Ines', 'Tomasz', 'Odalys', 'Bao', 'Wren', 'Kofi', 'Linnea', 'Yusuf'].flatMap((name) => [
  name,
  `${name} A`,
  `${name} B`,
])
const server = ownServer(62)
test.beforeAll(async () => {
  await server.start()
  for (const name of NAMES) expect((await server.post('/api/people', { name })).status).toBe(201)
})
test.afterAll(() => server.stop())
test.describe.configure({ mode: 'serial' })

const tables = (page: Page) => page.locator('li[data-place]:not([data-place="new"])')
const at = async (page: Page) =>
  Promise.all((await tables(page).all()).map((table) => table.locator('[data-person]').allInnerTexts()))
test('24 children at 8 tables: made by chance, moved by keyboard and by hand, started with one touch', async ({
  page,
}) => {
  test.slow()
  await page.goto(`${server.address}/room`)
  await tap(page, 'Everybody')
  await expect(page.getByRole('status')).toHaveText('24 of 24')
  await tap(page, 'By chance')
  await expect(tables(page)).toHaveCount(8)
  expect((await at(page)).map((list) => list.length)).toEqual(Array.from({ length: 8 }, () => 3))
  // By keyboard to the next table, and the focus goes along.
  const first = tables(page).first().locator('[data-person]').first()
  const moved = (await first.innerText()).trim()
  await first.focus()
  await page.keyboard.press('ArrowRight')
  await expect(tables(page).nth(1).getByText(moved, { exact: true })).toBeVisible()
  await expect(page.getByRole('button', { name: `${moved}: touch it` })).toBeFocused()
  await page.keyboard.press('ArrowLeft')
  await expect(tables(page).first().getByText(moved, { exact: true })).toBeVisible()
  // By hand to a table of its own, and back.
  const drag = async (to: { x: number; y: number }) => {
    const from = (await page.getByRole('button', { name: `${moved}: touch it` }).boundingBox())!
    await page.mouse.move(from.x + 8, from.y + 8)
    await page.mouse.down()
    await page.mouse.move(from.x + 40, from.y + 30)
    await page.mouse.move(to.x, to.y, { steps: 4 })
    await page.mouse.up()
  }
  const middle = async (locator: ReturnType<Page['locator']>) => {
    await locator.scrollIntoViewIfNeeded()
    const box = (await locator.boundingBox())!
    return { x: box.x + box.width / 2, y: box.y + Math.min(box.height, 40) / 2 }
  }
  await page.setViewportSize({ width: 1280, height: 2400 })
  await drag(await middle(page.locator('li[data-place="new"]')))
  await expect(tables(page)).toHaveCount(9)
  await drag(await middle(tables(page).first()))
  await expect(tables(page)).toHaveCount(8)
  expect((await at(page)).map((list) => list.length).sort()).toEqual(Array.from({ length: 8 }, () => 3))
  // Escape lets it be; a touch on somebody and one on a place moves them too, and not here today is a place as well.
  const chip = page.getByRole('button', { name: `${moved}: touch it` })
  const held = (await chip.boundingBox())!
  await page.mouse.move(held.x + 8, held.y + 8)
  await page.mouse.down()
  await page.mouse.move(held.x + 300, held.y + 300, { steps: 4 })
  await page.keyboard.press('Escape')
  await page.mouse.up()
  await expect(tables(page).first().getByText(moved, { exact: true })).toBeVisible()
  await chip.tap()
  await tables(page)
    .nth(2)
    .getByRole('button', { name: `${moved} here` })
    .tap()
  await expect(tables(page).nth(2).getByText(moved, { exact: true })).toBeVisible()
  await chip.tap()
  await tap(page, `${moved} is not here today`)
  await expect(page.getByRole('status')).toHaveText('23 of 24')
  await tap(page, moved)
  await chip.tap()
  await tables(page)
    .first()
    .getByRole('button', { name: `${moved} here` })
    .tap()
  expect((await at(page)).map((list) => list.length).sort()).toEqual(Array.from({ length: 8 }, () => 3))
  // One game for all; one table plays another.
  await expect(page.getByRole('button', { name: 'Start all 8 tables' })).toBeDisabled()
  await expect(page.getByRole('button', { name: 'Start all 8 tables' })).toHaveAccessibleDescription(/Choose a game/)
  await choose(page, 'Game at Lantern', 'Brim')
  await choose(page, 'House rules at Lantern', 'First steps')
  await tables(page).first().getByRole('button', { name: 'The same for all' }).tap()
  await choose(page, 'Game at Buoy', 'Roof Tiles')
  await expect(tables(page).nth(1)).toContainText('The app deals here')
  // Two are too few for none of these; what is chosen comes back with the page.
  await page.reload()
  await expect(page.getByLabel('Game at Anchor')).toHaveText('Brim')
  await tap(page, 'Start all 8 tables')
  await expect(page).toHaveURL(`${server.address}/`)
  await expect(
    page.getByRole('list', { name: 'Live matches' }).getByRole('listitem').filter({ hasText: 'Lantern' }),
  ).toBeVisible()
  const { matches } = await server.get<{
    matches: { game: string; name: string; houseRules: object; seats: { personId: string | null }[] }[]
  }>('/api/matches')
  expect(matches).toHaveLength(8)
  expect(matches.filter(({ game }) => game === 'brim')).toHaveLength(7)
  expect(matches.find(({ name }) => name === 'Lantern')!.houseRules).toEqual({ dice: 3, limit: 12, rolls: 3 })
  expect(new Set(matches.flatMap(({ seats }) => seats.map(({ personId }) => personId))).size).toBe(24)
})

test('on a phone somebody goes from the first table to the last by a bar, and by dragging, which scrolls', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${server.address}/room`)
  await tap(page, 'Everybody')
  await tap(page, 'By chance')
  await expect(tables(page)).toHaveCount(8)
  const [first, last] = [tables(page).first(), tables(page).last()]
  const inFirst = async () => (await first.locator('[data-person]').allInnerTexts()).map((name) => name.trim())
  const [one, two] = await inFirst()
  const lastName = await last.getByRole('textbox').inputValue()
  await page.getByRole('button', { name: `${one}: touch it` }).tap()
  await page.getByRole('button', { name: `${one} to ${lastName}` }).tap()
  await expect(last.getByText(one!, { exact: true })).toBeAttached()
  await expect(page.getByRole('group', { name: /^Where does/ })).toHaveCount(0)
  // Held at the lower edge the page moves on under the finger.
  const chip = page.getByRole('button', { name: `${two}: touch it` })
  await chip.scrollIntoViewIfNeeded()
  const box = (await chip.boundingBox())!
  const before = await page.evaluate(() => scrollY)
  await page.mouse.move(box.x + 8, box.y + 8)
  await page.mouse.down()
  await page.mouse.move(200, 600, { steps: 4 })
  await page.mouse.move(200, 835, { steps: 6 })
  await expect
    .poll(async () => {
      await page.mouse.move(200, 834 + Math.round(Math.random()))
      return page.evaluate(() => scrollY)
    })
    .toBeGreaterThan(before + 300)
  await page.keyboard.press('Escape')
  await page.mouse.up()
  expect(await inFirst()).toContain(two)
})

test('who sat together sits apart now; absent ones are left out; a game that does not fit is said', async ({
  page,
}) => {
  await page.goto(`${server.address}/room`)
  await tap(page, 'Everybody')
  await tap(page, 'By chance')
  await tap(page, 'Not together lately')
  const { matches } = await server.get<{ matches: { seats: { name: string }[] }[] }>('/api/matches')
  const together = matches.map(({ seats }) => seats.map(({ name }) => name))
  const now = (await at(page)).map((list) => list.map((name) => name.trim()))
  const again = now.flatMap((list) =>
    list.flatMap((one, i) =>
      list.slice(i + 1).filter((other) => together.some((table) => table.includes(one) && table.includes(other))),
    ),
  )
  expect(again).toEqual([])
  // Somebody goes home.
  await page.getByRole('button', { name: 'Ines', exact: true }).tap()
  await expect(page.getByRole('status')).toHaveText('23 of 24')
  expect((await at(page)).flat().map((name) => name.trim())).not.toContain('Ines')
  await tap(page, '4')
  await tap(page, 'Mixed')
  await expect(tables(page)).toHaveCount(6)
  await choose(page, 'Game at Lantern', 'Top Total')
  await tap(page, '2')
  await tap(page, 'Alike')
  await expect(tables(page)).toHaveCount(11)
  await choose(page, 'Game at Anchor', 'Exact Landing')
  // All but one at Anchor go on to the next table: somebody alone can't play it.
  const there = tables(page).nth(2).locator('[data-person]')
  for (let n = await there.count(); n > 1; n--) {
    await there.first().press('ArrowRight')
    await expect(there).toHaveCount(n - 1)
  }
  await expect(tables(page).nth(2)).toContainText('Exact Landing needs 2 players at least.')
  await expect(page.getByRole('button', { name: /^Start all/ })).toBeDisabled()
  // Why it is grey stands beside it.
  await expect(page.getByRole('button', { name: /^Start all/ })).toHaveAccessibleDescription(
    /^\w+: (Choose a game|.* needs 2 players at least)/,
  )
})

test('nobody sits at two tables, and it is all tables or none', async () => {
  const { people } = await server.get<{ people: { id: string; name: string; pennant: number }[] }>('/api/people')
  const seat = ({ id, name, pennant }: (typeof people)[number]) => ({ name, pennant, personId: id })
  const count = async () => (await server.get<{ matches: object[] }>('/api/matches')).matches.length
  const before = await count()
  const [one, two, three] = people.map(seat)
  const post = async (tables: object[]) => {
    const answer = await server.post('/api/room/tables', { tables })
    return [answer.status, ((await answer.json()) as { path: string }).path]
  }
  expect(
    await post([
      { game: 'brim', seats: [one], first: 1 },
      { game: 'brim', seats: [two, one], first: 1 },
    ]),
  ).toEqual([422, 'tables'])
  expect(
    await post([
      { game: 'brim', seats: [one], first: 1 },
      { game: 'brim', seats: [two], first: 1, houseRules: { limit: 9999 } },
    ]),
  ).toEqual([422, 'tables.1.houseRules.limit'])
  expect(
    await post([
      { game: 'brim', seats: [one], first: 1 },
      { game: 'turn-two', seats: [three], first: 1 },
    ]),
  ).toEqual([422, 'tables.1.players'])
  expect(await count()).toBe(before)
})

test('the page passes the scan, and nothing is cut off sideways', async ({ page }) => {
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
    await page.goto(`${server.address}/room`)
    // Who is here is remembered.
    if (colorScheme === 'light') await tap(page, 'Everybody')
    await tap(page, 'By chance')
    await expectScanned(page)
  }
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect.poll(() => wider(page)).toBe(0)
  }
})
