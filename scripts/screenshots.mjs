// Takes docs/screenshots from a server with fresh demo data: bin/start --demo --port 3100, then node scripts/screenshots.mjs.
import { chromium } from '@playwright/test'

const base = process.argv[2] ?? 'http://127.0.0.1:3100'
const boardOf = async (match) => `/board/${(await (await fetch(`${base}/api/matches/${match}`)).json()).board}`
const personPage = async (name) => `/people/${(await (await fetch(`${base}/api/people`)).json()).people.find((person) => person.name === name).id}`
const match = (key) => `/match/saturday-${key}`
const type =
  (...keys) =>
  async (page) => {
    for (const key of keys) await (key.length > 1 && /^[A-Z]/.test(key) ? page.keyboard.press(key) : page.keyboard.type(key))
  }
const freeze = type('Shift+Digit1', 'Shift+Digit2', '326')
const takeBack = async (page) => {
  await page
    .getByRole('region', { name: 'Tape' })
    .getByRole('button', { name: /Ines stops and says 16/ })
    .click()
  await page.getByRole('button', { name: /^Take back entry/ }).click()
}
const SHOTS = [
  ['matches', '/'],
  ['finder', '/new?skill=making-ten&players=3'],
  ['new', '/new?game=roof-tiles', (page) => page.getByRole('button', { name: 'Ines' }).click()],
  ['print', '/print/roof-tiles?sheets=roof,cards&faces=frames'],
  ['choices', '/choices'],
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
  ['desk-hundred-stops', match('pier'), type('542', 'h')],
  ['desk-table-ladder', match('bollard'), (page) => page.getByRole('button', { name: 'Yusuf rolled a 7' }).click()],
  ['desk-last-digit-chains', match('links')],
  ['looking-back', match('buoy'), type('L', 'ArrowLeft', 'ArrowLeft')],
  ['correction', match('buoy'), takeBack],
  ['board', await boardOf('saturday-heron')],
  ['announcement', match('lantern')],
  ['rulebook', '/rulebook/column-keeper'],
  ['desk-phone-dark', match('buoy'), freeze, { viewport: { width: 390, height: 844 }, colorScheme: 'dark' }],
]
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
for (const [name, path, act, options] of SHOTS) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', ...options })
  const page = await context.newPage()
  await page.goto(base + path)
  await page.getByRole('heading', { level: 1 }).waitFor()
  await page.waitForLoadState('networkidle', { timeout: 3000 }).catch(() => {})
  await act?.(page)
  await page.waitForTimeout(400)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await context.close()
}
await browser.close()
