import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { expect, test, type APIRequestContext, type Browser, type BrowserContext, type Page } from '@playwright/test'
import { append, entriesOf, expectScanned, score, SIZES, standBetween, tap, wider } from './helpers'
import { ownServer } from './server'

/**
 * A session of 24 at 8 tables, served to a network: its clock, its board, helpers at single tables, its end. Each test has
 * a server and a session of its own.
 */
const PASSCODE = 'lantern-eight'
let server: ReturnType<typeof ownServer>
const start = () => server.start({ NIMBLE_PASSCODE: PASSCODE })
const NAMES = ['Ines', 'Tomasz', 'Odalys', 'Bao', 'Wren', 'Kofi', 'Linnea', 'Yusuf'].flatMap((name) => [
  name,
  `${name} A`,
  `${name} B`,
])
const TABLES = ['Lantern', 'Buoy', 'Anchor', 'Gangway', 'Capstan', 'Heron', 'Tiller', 'Beacon']

test.use({ hasTouch: true })
let referee: BrowserContext
let api: APIRequestContext
/** The match at each table now. */
let ids: string[] = []
/** A device of its own, without the passcode. */
const device = (browser: Browser) => browser.newContext({ baseURL: server.address, hasTouch: true })
const session = async () =>
  ((await (await api.get('/api/room/session')).json()) as { session: { id: string; board: string } | null }).session
const roll = (by: number, dice: number[]) => ({ play: { do: 'roll', by, dice } })

async function seat(tables: readonly string[], game = 'brim'): Promise<string[]> {
  const { people } = (await (await api.get('/api/people')).json()) as {
    people: { id: string; name: string; pennant: number }[]
  }
  const seats = people.map(({ id, name, pennant }) => ({ personId: id, name, pennant }))
  const answer = await api.post('/api/room/tables', {
    data: { tables: tables.map((name, i) => ({ game, name, seats: seats.slice(3 * i, 3 * i + 3), first: 1 })) },
  })
  expect(answer.status()).toBe(201)
  return ((await answer.json()) as { made: string[] }).made
}

test.beforeEach(async ({ browser }, { parallelIndex }) => {
  server = ownServer(40 + parallelIndex, { host: '0.0.0.0' })
  await start()
  referee = await device(browser)
  api = referee.request
  // The server answers a moment before it has the passcode.
  await expect
    .poll(async () => (await api.post('/api/session', { data: { passcode: PASSCODE } })).ok(), {
      intervals: [500, 1000, 2000],
    })
    .toBe(true)
  for (const name of NAMES) expect((await api.post('/api/people', { data: { name } })).status()).toBe(201)
  expect(await session()).toBeNull()
  ids = await seat(TABLES)
})
test.afterEach(async () => {
  await referee.close()
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})

const roomClock = (page: Page) => page.getByRole('timer', { name: 'Clock of the room' })

test('one clock for the room, set by touch, seen at every table and on the board', async ({ browser }) => {
  const page = await referee.newPage()
  await page.goto('/')
  const strip = page.getByRole('region', { name: 'The session' })
  await expect(strip).toContainText('No clock yet')
  await strip.getByRole('button', { name: '10 min' }).tap()
  await expect(roomClock(page)).toHaveText(/\b9:5\d$/)
  const desk = await referee.newPage()
  await desk.goto(`/match/${ids[0]}`)
  await expect(roomClock(desk)).toHaveText(/\b9:\d\d$/)
  await tap(page, 'Pause')
  await tap(page, 'Two more minutes')
  await expect(roomClock(page)).toHaveText(/\b1[12]:\d\d$/)
  const told = (await roomClock(page).innerText()).trim()
  await expect(roomClock(desk)).toHaveText(told)
  // The board is for whoever has its link, without the passcode.
  await tap(page, 'Board of the room')
  const stranger = await device(browser)
  const board = await stranger.newPage()
  await board.goto(new URL((await page.getByTestId('link').innerText()).trim()).pathname)
  await expect(roomClock(board)).toHaveText(told)
  await expect(board.getByRole('list', { name: 'Tables' }).locator('> li')).toHaveCount(8)
  // A new link cuts the old one off.
  await tap(page, 'New link')
  await expect(board.getByRole('heading', { name: 'No board here' })).toBeVisible()
  for (const own of [page, desk]) await own.close()
  await stranger.close()
})

test('the board tells where the referee is needed, and nothing of what was tried there', async ({ browser }) => {
  const stranger = await device(browser)
  const board = await stranger.newPage()
  await board.goto(`/board/room/${(await session())!.board}`)
  await expect(board.getByRole('list', { name: 'Tables' })).toBeVisible()
  // Not their turn: a slip at Buoy.
  expect((await append(api, ids[1]!, 0, roll(2, [1, 2, 3, 4, 5]))).ok()).toBe(true)
  await expect(board.getByText('The referee is needed at Buoy')).toBeVisible()
  const told = JSON.stringify(await (await stranger.request.get(`/api/room/boards/${(await session())!.board}`)).json())
  expect(told).not.toContain('dice')
  expect(told).not.toContain('rolled')
  expect((await append(api, ids[1]!, 1, { strike: 1 })).ok()).toBe(true)
  await expect(board.getByText('The referee is needed')).toHaveCount(0)
  for (const colorScheme of ['light', 'dark'] as const) {
    await board.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
    await expectScanned(board)
  }
  for (const [width, height] of SIZES) {
    await board.setViewportSize({ width, height })
    await expect.poll(() => wider(board)).toBe(0)
  }
  await stranger.close()
})

test('a helper records at one table and takes back the newest play, and can do nothing else', async ({ browser }) => {
  const desk = await referee.newPage()
  await desk.goto(`/match/${ids[2]}`)
  await tap(desk, 'More')
  await tap(desk, /^Helpers/)
  await tap(desk, 'A code for one more helper')
  const code = (await desk.getByTestId('helper-code').innerText()).trim()
  expect(code).toMatch(/^[a-z2-9]{4}-[a-z2-9]{4}$/)
  const phone = await device(browser)
  const page = await phone.newPage()
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`/help/${code}`)
  await expect(page).toHaveURL(`${server.address}/match/${ids[2]}`)
  await expect(page.getByText('You help here')).toBeVisible()
  await expect(desk.getByText(/Helper 1: here since/)).toBeVisible()
  const cookie = (await phone.cookies()).find(({ name }) => name === 'nimble-tally-helper')!
  expect([cookie.httpOnly, cookie.sameSite, cookie.value.includes(code)]).toEqual([true, 'Lax', false])
  // By touch: five dice; the referee sees it, and the newest is taken back.
  for (const face of [6, 5, 4, 3, 1])
    await page
      .getByRole('button', { name: new RegExp(`^Rolled a ${face}`) })
      .first()
      .tap()
  await expect(page.getByTestId('verdict')).toContainText('19')
  await page.keyboard.press('Enter')
  await expect.poll(() => entriesOf(api, ids[2]!)).toEqual([roll(1, [6, 5, 4, 3, 1])])
  await page.getByRole('button', { name: 'Take back' }).tap()
  await expect.poll(() => entriesOf(api, ids[2]!)).toEqual([roll(1, [6, 5, 4, 3, 1]), { strike: 1 }])
  for (const name of ['More', 'Bring back', 'Bring it back'])
    await expect(page.getByRole('button', { name, exact: true })).toHaveCount(0)
  await expect(page.getByRole('navigation', { name: 'Other tables' })).toHaveCount(0)
  await page.reload()
  await expect(page.getByText('You help here')).toBeVisible()

  // What is the referee's is refused, whatever is sent.
  const own = phone.request
  const send = async (entry: unknown, after = 2) => {
    const answer = await append(own, ids[2]!, after, entry)
    return [answer.status(), ((await answer.json()) as { code: string }).code]
  }
  const referees = [
    { ruling: { award: { by: 1, points: 5 } } },
    { ruling: { houseRules: { limit: 20 } } },
    { call: 'finish' },
    { call: 'time' },
    { call: 'note', why: 'x' },
    { call: 'chart' },
    { call: 'on-paper', reached: [1, 2] },
    { amend: 1, ...roll(1, [1, 1, 1, 1, 1]) },
    { amend: 0, opening: null },
    { ...roll(1, [6, 5, 4, 3, 2]), overrule: 'I say so' },
    { strike: 1 },
    { strike: 2 },
    {},
  ]
  for (const entry of referees) expect([entry, await send(entry)]).toEqual([entry, [403, 'referees']])
  expect((await append(own, ids[2]!, 2, roll(1, [6, 5, 4, 3, 1]))).ok()).toBe(true)
  // An older entry, or one that the referee put right, is not the newest play.
  expect((await append(api, ids[2]!, 3, { ruling: { award: { by: 1, points: 1 } } })).ok()).toBe(true)
  expect(await send({ strike: 3 }, 4)).toEqual([403, 'referees'])
  expect(await send({ strike: 4 }, 4)).toEqual([403, 'referees'])
  await expect(page.getByRole('button', { name: 'Take back' })).toBeDisabled()
  await expect(page.getByRole('button', { name: 'Take back' })).toHaveAccessibleDescription(
    'A helper takes back the newest play alone.',
  )

  const closed: [method: string, path: string][] = [
    ['GET', '/api/matches'],
    ['GET', `/api/matches/${ids[0]}`],
    ['GET', `/api/matches/${ids[0]}/live`],
    ['GET', `/api/matches/${ids[2]}/export`],
    ['GET', `/api/matches/${ids[2]}/helpers`],
    ['POST', `/api/matches/${ids[2]}/helpers`],
    ['POST', `/api/matches/${ids[2]}/clock`],
    ['POST', `/api/matches/${ids[2]}/board`],
    ['PATCH', `/api/matches/${ids[2]}`],
    ['DELETE', `/api/matches/${ids[2]}`],
    ['POST', `/api/matches/${ids[0]}/entries`],
    ['POST', '/api/matches'],
    ['POST', '/api/matches/import'],
    ['GET', '/api/live'],
    ['GET', '/api/people'],
    ['GET', '/api/archive'],
    ['POST', '/api/archive'],
    ['GET', '/api/room/session'],
    ['POST', `/api/room/session/${(await session())!.id}/end`],
    ['POST', '/api/room/tables'],
    ['GET', '/api/day'],
    ['GET', '/api/logbook'],
    ['POST', '/api/forget'],
    ['GET', '/api/house-rules'],
  ]
  for (const [method, path] of closed)
    expect([
      method,
      path,
      (await own.fetch(path, { method, data: method === 'GET' ? undefined : {} })).status(),
    ]).toEqual([method, path, 401])
  const stored = (await (await own.get(`/api/matches/${ids[2]}`)).json()) as { board: string }
  expect(stored.board).toBe('')

  // The table plays again: the helper goes along, and helps at the old match no more.
  expect((await append(api, ids[2]!, 4, { call: 'finish' })).ok()).toBe(true)
  await expect(page.getByText('this page goes along by itself')).toBeVisible()
  const before = ids[2]!
  const again = await api.post('/api/matches', {
    data: {
      game: 'brim',
      name: 'Anchor',
      seats: ['Odalys', 'Odalys A'].map((name, i) => ({ name, pennant: i + 1 })),
      first: 1,
      boardOf: before,
    },
  })
  ids[2] = ((await again.json()) as { id: string }).id
  await expect(page).toHaveURL(`${server.address}/match/${ids[2]}`)
  await expect(page.getByText('You help here')).toBeVisible()
  expect((await own.get(`/api/matches/${before}`)).status()).toBe(401)
  expect((await append(own, ids[2], 0, roll(1, [6, 5, 4, 3, 1]))).ok()).toBe(true)

  // Let go: at once, on the page and at the server.
  await desk.goto(`/match/${ids[2]}`)
  await tap(desk, 'More')
  await tap(desk, /^Helpers/)
  await tap(desk, 'Let helper 1 go')
  await expect(page.getByText('Helping at this table has ended')).toBeVisible()
  expect((await append(own, ids[2], 1, { strike: 1 })).status()).toBe(401)
  await desk.close()
  await phone.close()
})

/** Lantern is in mid-round, and half a second is left on the room's clock when the server comes up again. */
async function nearlyOut() {
  const set = { do: 'set', minutes: 10 }
  expect((await api.post(`/api/room/session/${(await session())!.id}/clock`, { data: set })).ok()).toBe(true)
  // In mid-round at Lantern.
  expect((await append(api, ids[0]!, 0, roll(1, [6, 5, 4, 3, 1]))).ok()).toBe(true)
  const page = await referee.newPage()
  await page.goto('/')
  await tap(page, 'Start')
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible()
  await page.close()
  await server.stop()
  // All but half a second of it is used up, as if they had played.
  const database = await PGlite.create(join(server.folder, 'pgdata'))
  await database.query(
    `update room_sessions set clock = jsonb_set(clock, '{used}', to_jsonb((clock->>'minutes')::int * 60000 - 500))`,
  )
  await database.close()
  await start()
}
const overNow = async () => {
  const { matches } = (await (await api.get('/api/matches')).json()) as { matches: { id: string; over: boolean }[] }
  return matches.filter(({ id, over }) => over && ids.includes(id)).length
}

test('the clock goes on after a restart; when it runs out each table finishes its round; more time takes that back', async () => {
  await nearlyOut()
  const desk = await referee.newPage()
  await desk.goto(`/match/${ids[0]}`)
  await expect(desk.getByText('time: finish the round')).toBeVisible()
  for (const id of ids)
    await expect.poll(() => entriesOf(api, id)).toContainEqual({ call: 'time', why: 'the room’s clock ran out' })
  const room = await referee.newPage()
  await room.goto('/')
  const strip = room.getByRole('region', { name: 'The session' })
  await expect(strip).toContainText('each table finishes its round')
  await expect(strip.getByRole('button', { name: 'Start' })).toHaveCount(0)
  // Tables that had not begun a round are over; the one in mid-round goes on.
  expect(await overNow()).toBe(ids.length - 1)
  await tap(room, 'Two more minutes')
  await expect(roomClock(room)).toHaveText(/\b[12]:\d\d$/)
  const still = await Promise.all(ids.map(async (id) => (await entriesOf(api, id)).at(-1)))
  // Also those that the call of time had ended.
  expect(still.filter((entry) => (entry as { why?: string }).why === 'more time for the room')).toHaveLength(ids.length)
  expect(await overNow()).toBe(0)
  await desk.close()
  await room.close()
})

test('a clock set anew is for what comes next: what time has ended stays so, who still plays goes on', async () => {
  await nearlyOut()
  await expect.poll(overNow).toBe(ids.length - 1)
  await expect.poll(async () => (await entriesOf(api, ids[0]!)).at(-1)).toMatchObject({ call: 'time' })
  const set = { do: 'set', minutes: 15 }
  expect((await api.post(`/api/room/session/${(await session())!.id}/clock`, { data: set })).ok()).toBe(true)
  expect(await overNow()).toBe(ids.length - 1)
  expect((await entriesOf(api, ids[0]!)).at(-1)).toMatchObject({ why: 'more time for the room' })
})

test('the end of a session: one page of it, helpers are let go, and the next seating begins another', async ({
  browser,
}) => {
  const first = (await session())!
  const { code } = (await (await api.post(`/api/matches/${ids[3]}/helpers`)).json()) as { code: string }
  const phone = await device(browser)
  expect((await phone.request.post('/api/helper', { data: { code } })).ok()).toBe(true)
  expect((await phone.request.get(`/api/matches/${ids[3]}`)).status()).toBe(200)
  // Whoever stops helping is out, and so is a copy of the cookie; the code lets in again.
  const cookie = (await phone.cookies()).find(({ name }) => name === 'nimble-tally-helper')!
  const helper = await phone.newPage()
  await helper.goto(`/match/${ids[3]}`)
  await helper.getByRole('button', { name: 'Stop helping here' }).tap()
  await expect(helper.getByText('The code of the table')).toBeVisible()
  await expect(helper.getByRole('button', { name: 'Stop helping here' })).toHaveCount(0)
  await helper.close()
  expect(
    (
      await phone.request.get(`/api/matches/${ids[3]}`, { headers: { cookie: `${cookie.name}=${cookie.value}` } })
    ).status(),
  ).toBe(401)
  expect((await phone.request.post('/api/helper', { data: { code } })).ok()).toBe(true)
  expect((await phone.request.get(`/api/matches/${ids[3]}`)).status()).toBe(200)
  const page = await referee.newPage()
  await page.goto('/room')
  await tap(page, 'End the session')
  await expect(page.getByRole('dialog')).toContainText(/and \w+ still play: nothing is lost/)
  await tap(page, 'Not yet')
  await tap(page, 'End the session')
  await tap(page, 'End it')
  await expect(page).toHaveURL(`${server.address}/session/${first.id}`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(' to ')
  for (const name of TABLES) await expect(page.getByRole('link', { name, exact: true }).first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Each child', exact: true }).locator('tbody tr')).toHaveCount(24)
  // Where the server is away for a moment that is said, until the page is read anew.
  await standBetween(page, '**/resume', (route) => route.abort(), { times: 1 })
  await tap(page, 'It has not ended: go on')
  await expect(page.getByRole('alert')).toContainText('The server can’t be reached.')
  await tap(page, 'Try again')
  await expect(page.getByRole('alert')).toHaveCount(0)
  // Taken back: the session goes on with its helpers, and is ended anew.
  await tap(page, 'It has not ended: go on')
  await expect(page.getByRole('region', { name: 'The session' })).toBeVisible()
  expect((await session())!.id).toBe(first.id)
  expect((await phone.request.get(`/api/matches/${ids[3]}`)).status()).toBe(200)
  const last = await phone.newPage()
  await last.goto(`/match/${ids[3]}`)
  await expect(last.getByRole('list', { name: 'Players' })).toBeVisible()
  await tap(page, 'End the session')
  await tap(page, 'End it')
  await expect(page).toHaveURL(`${server.address}/session/${first.id}`)
  await expect(last.getByText('The session has ended, and what was recorded is kept.')).toBeVisible()
  await last.close()
  const csv = await (await api.get(`/api/room/session/${first.id}/export`)).text()
  expect(csv.trim().split('\r\n')).toHaveLength(25)
  expect((await phone.request.get(`/api/matches/${ids[3]}`)).status()).toBe(401)
  expect((await phone.request.post('/api/helper', { data: { code } })).status()).toBe(403)
  expect(await session()).toBeNull()
  await page.goto('/room')
  await page.getByRole('region', { name: 'Earlier sessions' }).getByRole('link').tap()
  await expect(page).toHaveURL(`${server.address}/session/${first.id}`)
  expect((await api.post(`/api/room/session/${first.id}/clock`, { data: { do: 'start' } })).status()).toBe(409)
  // A match by itself belongs to none; the next seating begins another session.
  const alone = await api.post('/api/matches', {
    data: { game: 'brim', seats: [{ name: 'Ines', pennant: 1 }], first: 1 },
  })
  const { id } = (await alone.json()) as { id: string }
  const sessionIn = async (match: string) =>
    ((await (await api.get(`/api/matches/${match}`)).json()) as { session: string | null }).session
  expect(await sessionIn(id)).toBeNull()
  const [next] = await seat(['Jetty'])
  expect(await sessionIn(next!)).toBe((await session())!.id)
  expect((await session())!.id).not.toBe(first.id)
  // While another one goes on the end stands.
  expect((await api.post(`/api/room/session/${first.id}/resume`)).status()).toBe(409)
  await page.close()
  await phone.close()

  // Sessions go along in archives; one that goes on has ended there.
  const archive = (await (await api.get('/api/archive')).json()) as {
    sessions: { id: string; endedAt: string | null }[]
    matches: { id: string; session: string | null }[]
  }
  expect(archive.sessions.map((each) => [each.id, each.endedAt !== null])).toEqual([
    [first.id, true],
    [(await session())!.id, false],
  ])
  expect(archive.matches.find((match) => match.id === ids[0])!.session).toBe(first.id)
  expect((await api.delete(`/api/matches/${ids[0]}`)).ok()).toBe(true)
  expect((await api.post('/api/archive', { data: archive })).ok()).toBe(true)
  expect(await sessionIn(ids[0]!)).toBe(first.id)
})

test('the page of the room suggests what practises what is shaky for those at a table', async () => {
  const { people } = (await (await api.get('/api/people')).json()) as {
    people: { id: string; name: string; pennant: number }[]
  }
  const ines = people.find(({ name }) => name === 'Ines')!
  const two = [ines, people.find(({ name }) => name === 'Tomasz')!]
  const made = await api.post('/api/matches', {
    data: { game: 'top-total', seats: two.map(({ id, name, pennant }) => ({ personId: id, name, pennant })), first: 1 },
  })
  const { id } = (await made.json()) as { id: string }
  // Wrong three times: 5 + 6 is shaky now.
  const said = (by: number, dice: number[], sum: number) => ({ play: { do: 'roll', by, dice, said: sum } })
  for (let n = 0; n < 3; n++) {
    expect((await append(api, id, 2 * n, said(1, [6, 5], 12))).ok()).toBe(true)
    expect((await append(api, id, 2 * n + 1, said(2, [1, 2], 3))).ok()).toBe(true)
  }
  expect(await (await api.get(`/api/people/shaky?who=${ines.id}`)).json()).toEqual({
    shaky: { [ines.id]: ['add 5 6'] },
    aims: { [ines.id]: [] },
  })
  const page = await referee.newPage()
  // Before the page itself runs: once loaded it keeps a draft of its own.
  await page.addInitScript(
    ([draft]) => localStorage.setItem('room', draft!),
    [
      JSON.stringify({
        here: two.map((person) => person.id),
        wished: 2,
        tables: [{ id: 't', name: 'Lantern', people: two.map((person) => person.id), game: '', preset: '' }],
        source: 'table',
      }),
    ],
  )
  await page.goto('/room')
  const game = page.getByLabel('Game at Lantern', { exact: true })
  await expect(game).toHaveText('Which game?')
  await tap(page, 'Practise what is shaky')
  await expect(game).not.toHaveText('Which game?')
  const first = await game.innerText()
  // Another touch brings the next best.
  await tap(page, 'Practise what is shaky')
  await expect(game).not.toHaveText(first)
  await expectScanned(page)
  await page.close()
})

test('guessing a code is rationed, and says so', async ({ browser }) => {
  const guesser = await device(browser)
  const page = await guesser.newPage()
  await page.goto('/help')
  await page.getByRole('textbox').first().click()
  await page.keyboard.type('aaaa-bbbb')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('That code opens no table')
  const tries = []
  for (let i = 0; i < 6; i++)
    tries.push((await guesser.request.post('/api/helper', { data: { code: `guess-${i}` } })).status())
  expect(tries.at(-1)).toBe(429)
  await expect(score(page, 1)).toHaveCount(0)
  await guesser.close()
})

test('one sheet of helpers’ codes for all tables: each opens its own', async ({ browser }) => {
  const page = await referee.newPage()
  await page.goto('/room')
  await page.getByRole('link', { name: 'Helpers’ codes' }).tap()
  await tap(page, 'Make a code for every table')
  const slips = page.getByRole('list', { name: 'Codes' }).getByRole('listitem')
  await expect(slips).toHaveCount(TABLES.length)
  await expect(slips.getByRole('img', { name: /^Code with the link/ }).locator('svg')).toHaveCount(TABLES.length)
  await expectScanned(page)
  const phone = await device(browser)
  for (const [i, id] of [ids[0]!, ids[5]!].entries()) {
    const slip = slips.filter({ hasText: TABLES[[0, 5][i]!]! })
    const code = (await slip.getByText(/^[a-z2-9]{4}-[a-z2-9]{4}$/).innerText()).replace('-', '').toUpperCase()
    const answer = await phone.request.post('/api/helper', { data: { code } })
    expect(await answer.json()).toEqual({ match: id })
  }
  await phone.close()
  await page.close()
})
