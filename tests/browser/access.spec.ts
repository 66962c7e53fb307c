import { readdirSync, rmSync } from 'node:fs'
import { expect, request as requests, test } from '@playwright/test'
import { makeMatch } from './helpers'
import { ownServer } from './server'

const server = ownServer(8, { host: '0.0.0.0' })
const BASE = server.address

test.describe.configure({ mode: 'serial' })

test.beforeAll(async () => {
  await server.start()
  await expect.poll(server.told).toMatch(/passcode .* is [a-z2-9]{4}-[a-z2-9]{4}/)
})
test.afterAll(() => server.stop())
const passcode = () => /is ([a-z2-9]{4}-[a-z2-9]{4})/.exec(server.told())![1]!

test('to a network it serves nothing without the passcode; with it a session records', async ({ browser }) => {
  const context = await browser.newContext({ baseURL: BASE })
  const page = await context.newPage()
  for (const path of ['/api/matches', '/api/people', '/api/archive', '/api/live'])
    expect((await context.request.get(path)).status()).toBe(401)
  expect((await context.request.post('/api/matches', { data: {} })).status()).toBe(401)
  await page.goto('/')
  await expect(page).toHaveURL(/\/enter/)
  await page.getByLabel('The passcode of this table').fill('000')
  await page.getByRole('button', { name: 'Come in' }).click()
  await expect(page.getByRole('alert')).toContainText('That is not the passcode.')
  // Typed as it was heard: without the dash, in capitals.
  await page.getByLabel('The passcode of this table').fill(passcode().toUpperCase().replace('-', ''))
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Tables in the room' })).toBeVisible()
  const cookie = (await context.cookies()).find(({ name }) => name === 'nimble-tally')!
  expect([cookie.httpOnly, cookie.sameSite, cookie.value.includes(passcode())]).toEqual([true, 'Lax', false])

  // A viewer has the board's link and nothing else.
  const match = await makeMatch(context.request)
  const { board } = await (await context.request.get(`/api/matches/${match}`)).json()
  const viewer = await browser.newContext({ baseURL: BASE })
  const watching = await viewer.newPage()
  await watching.goto(`/board/${board}`)
  await expect(watching.getByRole('heading', { level: 1 })).toHaveText('Brim')
  expect((await viewer.request.get(`/api/matches/${match}`)).status()).toBe(401)
  const entry = { id: 'viewer-writes', after: 0, entry: { call: 'note' } }
  expect((await viewer.request.post(`/api/matches/${match}/entries`, { data: entry })).status()).toBe(401)
  expect((await viewer.request.post(`/api/matches/${match}/board`)).status()).toBe(401)

  // Another site's page can't write with the referee's cookie.
  const foreign = await context.request.post(`/api/matches/${match}/entries`, {
    data: entry,
    headers: { origin: 'http://elsewhere.example' },
  })
  expect([foreign.status(), (await foreign.json()).code]).toEqual([403, 'foreign-page'])
  expect((await context.request.post(`/api/matches/${match}/entries`, { data: entry })).ok()).toBe(true)
  // Whoever has kept a copy of the cookie is out too.
  const kept = `${cookie.name}=${cookie.value}`
  expect((await viewer.request.get('/api/matches', { headers: { cookie: kept } })).status()).toBe(200)
  await page.getByRole('button', { name: 'Referee: leave' }).click()
  await page.getByRole('button', { name: 'Leave', exact: true }).click()
  await expect(page).toHaveURL(/\/enter/)
  expect((await context.request.get('/api/matches')).status()).toBe(401)
  expect((await viewer.request.get('/api/matches', { headers: { cookie: kept } })).status()).toBe(401)
  await context.close()
  await viewer.close()
})

test('a cookie that somebody put there opens nothing after the passcode was given with it', async () => {
  const device = await requests.newContext({ baseURL: BASE })
  const planted = { cookie: 'nimble-tally=planted-by-a-neighbour' }
  const given = await device.post('/api/session', { data: { passcode: passcode() }, headers: planted })
  expect(given.status()).toBe(200)
  expect((await device.get('/api/session', { headers: planted })).ok()).toBe(true)
  const neighbour = await requests.newContext({ baseURL: BASE })
  expect((await neighbour.get('/api/matches', { headers: planted })).status()).toBe(401)
  await device.dispose()
  await neighbour.dispose()
})

test('guessing the passcode is rationed', async () => {
  const guesser = await requests.newContext({ baseURL: BASE })
  const tries = []
  for (let i = 0; i < 8; i++)
    tries.push((await guesser.post('/api/session', { data: { passcode: `guess ${i}` } })).status())
  expect(tries.at(-1)).toBe(429)
  expect((await guesser.post('/api/session', { data: { passcode: passcode() } })).status()).toBe(429)
  await guesser.dispose()
})

test('on this machine alone other host names are refused, and every answer carries the security headers', async ({
  request,
}) => {
  const page = await request.get('/')
  const headers = page.headers()
  expect(headers['content-security-policy']).toMatch(/default-src 'self'; script-src 'self' 'sha256-/)
  expect(headers['x-content-type-options']).toBe('nosniff')
  expect((await request.get('/api/matches', { headers: { host: 'rebound.example' } })).status()).toBe(403)
})

test('a passcode that is soon guessed is none', async () => {
  const short = ownServer(25, { host: '0.0.0.0' })
  expect(await short.ended({ NIMBLE_PASSCODE: 'gulls' })).toBe(1)
  await expect.poll(short.told).toContain('A passcode has at least 6 characters')
  // It is seen before the folder is opened.
  expect(readdirSync(short.folder)).toEqual([])
  rmSync(short.folder, { recursive: true, force: true })
})
