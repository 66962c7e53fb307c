// Takes docs/screenshots from a server with fresh demo data: bin/start --demo --port 3100, then node scripts/screenshots.mjs.
import { existsSync } from 'node:fs'
import { chromium } from '@playwright/test'

/** Debian's, with or without a window. */
const executablePath = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find((path) => existsSync(path))
const base = process.argv[2] ?? 'http://127.0.0.1:3100'
const boardOf = async (match) => `/board/${(await (await fetch(`${base}/api/matches/${match}`)).json()).board}`
const personPage = async (name) =>
  `/people/${(await (await fetch(`${base}/api/people`)).json()).people.find((person) => person.name === name).id}`
const match = (key) => `/match/saturday-${key}`
const type =
  (...keys) =>
  async (page) => {
    for (const key of keys)
      await (key.length > 1 && /^[A-Z]/.test(key) ? page.keyboard.press(key) : page.keyboard.type(key))
  }
const freeze = type('Shift+Digit1', 'Shift+Digit2', '326')
const takeBack = async (page) => {
  await page
    .getByRole('region', { name: 'Tape' })
    .getByRole('button', { name: /Ines stops and says 16/ })
    .click()
  await page.getByRole('button', { name: /^Take back entry/ }).click()
}
const post = async (path, body) =>
  (
    await fetch(base + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
  ).json()
/** A table that plays on its own. */
async function alone() {
  const seats = ['Ines', 'Tomasz'].map((name, i) => ({ name, pennant: i + 1 }))
  const { id } = await post('/api/matches', { game: 'top-total', name: 'Jetty', seats, first: 1, veiled: true })
  return `/match/${id}`
}
const help = async (page) => {
  for (const name of ['Rolled a 6', 'Rolled a 5', 'Help']) await page.getByRole('button', { name }).click()
  await page.getByRole('radio', { name: 'Half of it' }).click()
}
/** Four tables seated from the demo's people, some plays, a running clock. */
async function roomBoard() {
  const { people } = await (await fetch(`${base}/api/people`)).json()
  const seats = people.map(({ id, name, pennant }) => ({ personId: id, name, pennant }))
  const tables = ['Lantern', 'Buoy', 'Anchor', 'Gangway'].map((name, i) => ({
    game: i % 2 ? 'top-total' : 'brim',
    name,
    seats: seats.slice(2 * i, 2 * i + 2),
    first: 1,
  }))
  const { made } = await post('/api/room/tables', { tables })
  const entries = [
    [0, 0, { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] }],
    [0, 1, { do: 'stop', by: 1, said: 19 }],
    [1, 0, { do: 'roll', by: 1, dice: [6, 5], said: 11 }],
    [1, 1, { do: 'roll', by: 2, dice: [4, 5], said: 9 }],
    [2, 0, { do: 'stop', by: 2 }],
  ]
  for (const [table, after, play] of entries)
    await post(`/api/matches/${made[table]}/entries`, { id: `picture-${table}-${after}`, after, entry: { play } })
  const { session } = await (await fetch(`${base}/api/room/session`)).json()
  for (const act of [{ do: 'set', minutes: 15 }, { do: 'start' }])
    await post(`/api/room/session/${session.id}/clock`, act)
  return `/board/room/${session.board}`
}
const SHOTS = [
  ['matches', '/'],
  [
    'workshop',
    '/workshop',
    async (page) => {
      await page.getByRole('button', { name: 'Through the harbour' }).click()
      await page.getByRole('list', { name: 'Who wins' }).waitFor()
    },
  ],
  ['new', '/new?game=roof-tiles', (page) => page.getByRole('button', { name: 'Ines' }).click()],
  ['print', '/print/roof-tiles?sheets=roof,cards&faces=frames'],
  ['person', await personPage('Bao')],
  ['logbook', '/logbook', (page) => page.getByRole('button', { name: 'Over the weeks' }).click()],
  [
    'room',
    '/room',
    async (page) => {
      for (const name of ['Everybody', 'Mixed']) await page.getByRole('button', { name }).click()
    },
  ],
  ['desk-brim', match('buoy'), freeze],
  ['desk-roof-tiles', match('shed')],
  ['desk-alone', () => alone(), help],
  [
    'may-i',
    `/may-i/call-row?at={"row":[3,7,5,2]}&play={"do":"call","by":1,"cards":[3,5]}`,
    (page) => page.getByRole('button', { name: 'What may I then?' }).click(),
  ],
  ['desk-last-digit-chains', match('links')],
  [
    'lab',
    '/lab?game=perch-and-push&b={"goal":20}&players=careful,careful,careful&n=10000',
    async (page) => {
      await page.getByRole('button', { name: 'Try it out' }).click()
      await page.getByText('10,000 of 10,000').waitFor({ timeout: 120_000 })
      await page
        .getByRole('heading', { name: 'A against B' })
        .evaluate((heading) => window.scrollTo(0, heading.getBoundingClientRect().top + window.scrollY - 100))
    },
  ],
  ['correction', match('buoy'), takeBack],
  ['board', await boardOf('saturday-heron')],
  ['announcement', match('lantern')],
  ['rulebook', '/rulebook/column-keeper'],
  ['desk-phone-dark', match('buoy'), freeze, { viewport: { width: 390, height: 844 }, colorScheme: 'dark' }],
  ['room-board', () => roomBoard(), undefined, { viewport: { width: 1280, height: 720 } }],
]
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox'] })
for (const [name, path, act, options] of SHOTS) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    ...options,
  })
  const page = await context.newPage()
  await page.goto(base + (typeof path === 'string' ? path : await path()))
  await page.getByRole('heading', { level: 1 }).waitFor()
  await page.waitForLoadState('networkidle', { timeout: 3000 }).catch(() => {})
  await act?.(page)
  await page.waitForTimeout(400)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await context.close()
}
await browser.close()
