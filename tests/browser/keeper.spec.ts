import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { expectScanned, SIZES, tap, wider } from './helpers'
import { ownServer } from './server'

/** The keeper makes rooms and hands their cards out; whoever has a card is in that room, and a helper comes by a code. */
const server = ownServer(121, { host: '0.0.0.0' })
const KEEPER = 'harbour-keeper'
test.use({ baseURL: server.address, hasTouch: true })
test.describe.configure({ mode: 'serial' })
test.beforeAll(() => server.start({ NIMBLE_SCHOOL: '1', NIMBLE_KEEPER: KEEPER }))
test.afterAll(() => server.stop())

async function comeIn(page: Page) {
  await page.goto('/keeper')
  await page.getByLabel('The keeper’s passcode').fill(KEEPER)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Rooms', level: 1 })).toBeVisible()
}
const card = (page: Page, name: string) => page.getByRole('region', { name: `Card of ${name}` })
const told = async (page: Page, name: string, what: string) =>
  (await card(page, name).locator(`dt:text-is("${what}") + dd`).textContent())!.trim()
/** Everything that a page has kept on its device, as text. */
const keptOn = (page: Page) =>
  page.evaluate(async () => {
    const wait = <T>(request: IDBRequest<T>) =>
      new Promise<T>((done, failed) => {
        request.onsuccess = () => done(request.result)
        request.onerror = () => failed(request.error)
      })
    const kept: unknown[] = [{ ...localStorage }, { ...sessionStorage }]
    for (const { name } of await indexedDB.databases()) {
      const database = await wait(indexedDB.open(name!))
      for (const store of database.objectStoreNames)
        kept.push(await wait(database.transaction(store).objectStore(store).getAll()))
      database.close()
    }
    return JSON.stringify(kept)
  })
let gulls = { room: '', passcode: '' }

test('a room is made and its card handed out: whoever follows it is in that room', async ({ page, browser }) => {
  await page.goto('/keeper')
  await page.getByLabel('The keeper’s passcode').fill('guess it')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toHaveText('That is not the keeper’s passcode.')
  await comeIn(page)
  await expect(page.getByText('No rooms yet')).toBeVisible()
  await tap(page, 'Make a room')
  await expect(page.getByText('The name is missing.')).toBeVisible()
  for (const name of ['Heron room', 'Gull room']) {
    await page.getByLabel('Name of a new room').fill(name)
    await tap(page, 'Make a room')
    await expect(card(page, name)).toBeVisible()
  }
  gulls = { room: await told(page, 'Gull room', 'Room'), passcode: await told(page, 'Gull room', 'Passcode') }
  expect(gulls.passcode).toMatch(/^[a-z2-9]{4}-[a-z2-9]{4}$/)
  await expect(card(page, 'Gull room').getByRole('img').locator('svg')).toBeVisible()
  await expectScanned(page)
  // On paper there is the card, and nothing else.
  await page.emulateMedia({ media: 'print' })
  await expect(card(page, 'Gull room')).toBeVisible()
  await expect(page.getByRole('table')).toBeHidden()
  await page.emulateMedia({ media: 'screen' })
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    expect([width, await wider(page)]).toEqual([width, 0])
  }

  // The card's code: both are filled in, one touch is left.
  const guest = await (await browser.newContext({ baseURL: server.address, hasTouch: true })).newPage()
  await guest.goto(`/enter?room=${gulls.room}#${gulls.passcode}`)
  await expect(guest.getByLabel('The code of the room')).toHaveValue(gulls.room)
  await expectScanned(guest)
  await tap(guest, 'Come in')
  await expect(guest.getByRole('heading', { name: 'Tables in the room' })).toBeVisible()
  await expect(guest.getByRole('button', { name: 'Gull room: leave' })).toBeVisible()
  // A helper comes by a code that names the room; typed anyhow.
  const made = await guest.request.post('/api/matches', {
    data: { game: 'brim', first: 1, seats: ['Ines', 'Bao'].map((name, i) => ({ name, pennant: i + 1 })) },
  })
  const { id } = (await made.json()) as { id: string }
  const { code } = (await (await guest.request.post(`/api/matches/${id}/helpers`)).json()) as { code: string }
  expect(code.startsWith(`${gulls.room}-`)).toBe(true)
  const helper = await (await browser.newContext({ baseURL: server.address, hasTouch: true })).newPage()
  await helper.goto('/help')
  // One field for all letters, once the server has said that it is a school.
  await expect(helper.getByRole('textbox')).toHaveCount(1)
  await helper.getByLabel('The code of the table').fill(code.toUpperCase().replaceAll('-', ' '))
  await tap(helper, 'Come to the table')
  await expect(helper).toHaveURL(new RegExp(`/match/${id}$`))
  const other = await (await browser.newContext({ baseURL: server.address, hasTouch: true })).newPage()
  await other.goto(`/help/${code}`)
  await expect(other).toHaveURL(new RegExp(`/match/${id}$`))
  // Whoever leaves takes the children's names from the device, for whoever uses it next in another room.
  await guest.goto(`/match/${id}`)
  await expect(guest.getByRole('heading', { name: 'Brim' })).toBeVisible()
  const entry = { id: 'keeper-note', after: 0, entry: { call: 'note', why: 'The bell rang.' } }
  expect((await guest.request.post(`/api/matches/${id}/entries`, { data: entry })).status()).toBe(200)
  await expect.poll(() => keptOn(guest)).toContain('Ines')
  await guest.goto('/new')
  await tap(guest, 'Gull room: leave')
  await tap(guest, 'Leave')
  await expect(guest).toHaveURL(/\/enter$/)
  await expect.poll(() => keptOn(guest)).not.toMatch(/Ines|Bao/)
  // What is no name is remembered: which room it was.
  await expect(guest.getByLabel('The code of the room')).toHaveValue(gulls.room)
  for (const each of [guest, helper, other]) await each.context().close()
})

test('a room is found, renamed, closed and opened again, and taken along; the keeper sees no child', async ({
  page,
}) => {
  await comeIn(page)
  await page.getByLabel('Find a room').fill('heron')
  await expect(page.getByRole('button', { name: 'Gull room' })).toBeHidden()
  await page.getByLabel('Find a room').fill('')
  await tap(page, 'Gull room')
  const side = page.getByRole('dialog', { name: 'Gull room' })
  await side.getByLabel('Name').fill('Gulls at the pier')
  await side.getByRole('button', { name: 'Rename' }).tap()
  const renamed = page.getByRole('dialog', { name: 'Gulls at the pier' })
  await expectScanned(page)
  const download = page.waitForEvent('download')
  await renamed.getByRole('link', { name: 'Take the room along' }).tap()
  const archive = JSON.parse(readFileSync(await (await download).path(), 'utf8')) as { matches: unknown[] }
  expect(archive.matches).toHaveLength(1)
  await renamed.getByRole('button', { name: 'Close it …' }).tap()
  await page.getByRole('button', { name: 'Close it', exact: true }).tap()
  await expect(page.getByRole('status').filter({ hasText: 'is closed' })).toBeVisible()
  const enter = () => page.request.post('/api/session', { data: gulls })
  expect((await enter()).status()).toBe(403)
  await renamed.getByRole('button', { name: 'Open it again' }).tap()
  await expect(renamed.getByRole('button', { name: 'Close it …' })).toBeVisible()
  expect((await enter()).status()).toBe(200)
  await renamed.getByRole('button', { name: 'New passcode …' }).tap()
  await tap(page, 'Make it')
  await expect(card(page, 'Gulls at the pier')).toBeVisible()
  expect((await enter()).status()).toBe(403)
  await expect(page.getByText('Ines')).toHaveCount(0)
  await page.getByRole('button', { name: 'Leave' }).tap()
  await expect(page.getByLabel('The keeper’s passcode')).toBeVisible()
  expect((await page.request.get('/api/keeper/rooms')).status()).toBe(401)
})
