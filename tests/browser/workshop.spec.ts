import { expect, test, type Page } from '@playwright/test'
import { expectScanned, SIZES, tabTo, tap, wider } from './helpers'
import { NAMES, playedByBots } from './bots'
import { ownServer } from './server'
import type { Game } from '../../core/contract/game'
import { ownGame } from '../../core/games/own-game/index'

const fresh = ownServer(110)

test.use({ hasTouch: true })

const blank = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^${name}:`) })
const readBack = (page: Page) => page.getByRole('region', { name: 'Read back' })
/** Touches a blank, chooses in what opens, and closes it. */
async function fill(page: Page, name: string, choice: string) {
  await blank(page, name).first().tap()
  await page.getByRole('radio', { name: choice, exact: true }).tap()
  await page.keyboard.press('Escape')
}

test('a game is made up by touch, nothing is lost on reload, and it is played', async ({ page, request }) => {
  await page.goto('/workshop')
  await tap(page, 'Ten rounds')
  await page.getByLabel('Title').fill('Ferry dice')
  await tap(page, 'Another special')
  await fill(page, 'When', 'All alike')
  await fill(page, 'Then', 'Gives points')
  await expect(readBack(page)).toContainText('All numbers alike gives 5 points.')
  await blank(page, 'Rounds').tap()
  await page.getByRole('spinbutton', { name: 'Rounds' }).fill('1')
  await page.getByRole('spinbutton', { name: 'Rounds' }).press('Enter')
  await page.keyboard.press('Escape')
  await expect(readBack(page)).toContainText('The match is over after 1 round; the most wins.')
  await expect(page.getByRole('region', { name: 'One turn' })).toContainText(/Ines throws \d \d/)
  await page.reload()
  await expect(readBack(page)).toContainText('Ferry dice: everybody throws 2 dice with 6 sides.')
  await page.getByRole('link', { name: 'Play it …' }).tap()
  await expect(page).toHaveURL(/\/new/)
  await page.getByLabel('Name of player 1').fill('Ines')
  await page.getByLabel('Name of player 2').fill('Bao')
  await tap(page, 'Start the match')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ferry dice')
  await page.keyboard.type('44')
  await tap(page, /^Makes 8, said 8/)
  await page.keyboard.type('65')
  await tap(page, /^Makes 11, said 11/)
  await expect(page.getByRole('region', { name: 'Announcement' }).getByRole('heading', { level: 2 })).toHaveText(
    'Ines wins',
  )
  const match = page.url().split('/').pop()!
  const { houseRules } = (await (await request.get(`/api/matches/${match}`)).json()) as { houseRules: object }
  expect(houseRules).toEqual({
    title: 'Ferry dice',
    rounds: 1,
    specials: [{ when: { is: 'same' }, then: { do: 'points', n: 5 } }],
  })
})

test('a game is made up by keyboard alone, a step taken back, and begun', async ({ page }) => {
  /** Opens a blank, and goes through its choices until the read-back says what is meant. */
  async function chooseByArrows(name: RegExp, meant: RegExp) {
    await tabTo(page, name)
    await page.keyboard.press('Enter')
    await expect(page.getByRole('radio').first()).toBeVisible()
    for (let i = 0; i < 20 && !meant.test((await readBack(page).textContent())!); i++) {
      // Held as a finger holds it: a radio is chosen once it has the focus, if the key is still down.
      await page.keyboard.press('ArrowDown', { delay: 80 })
    }
    await expect(readBack(page)).toContainText(meant)
    await page.keyboard.press('Escape')
    // Where one was.
    await expect(page.getByRole('button', { name }).first()).toBeFocused()
  }
  await page.goto('/workshop')
  await tabTo(page, /^Ten rounds/)
  await page.keyboard.press('Enter')
  await tabTo(page, /^Title$/)
  await page.keyboard.press('Control+a')
  await page.keyboard.type('Keys and quays')
  await tabTo(page, /^Another special$/)
  await page.keyboard.press('Enter')
  await chooseByArrows(/^When:/, /[Aa]ll numbers alike/)
  await chooseByArrows(/^Then:/, /All numbers alike gives 5 points\./)
  await tabTo(page, /^Rounds:/)
  await page.keyboard.press('Enter')
  await tabTo(page, /^Rounds$/)
  await page.keyboard.press('Control+a')
  await page.keyboard.type('4')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await expect(readBack(page)).toContainText('The match is over after 4 rounds')
  await tabTo(page, /^Step back$/)
  await page.keyboard.press('Enter')
  await expect(readBack(page)).toContainText('The match is over after 10 rounds')
  await tabTo(page, /^Step forward$/)
  await page.keyboard.press('Enter')
  await tabTo(page, /^Play it/)
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/new/)
  await expect(page.getByRole('region', { name: 'Agreed' })).toContainText('The match is over after 4 rounds')
})

test('what does not fit is told at its sentence; steps go back and forward', async ({ page }) => {
  await page.goto('/workshop')
  await tap(page, 'Up to a hundred')
  await expect(readBack(page)).toContainText('exactly 100')
  await blank(page, 'Goal').tap()
  await page.getByRole('switch', { name: 'Goal' }).tap()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('alert')).toHaveText('Neither rounds nor a goal: it would never end.')
  await expect(page.getByRole('link', { name: 'Play it …' })).toHaveCount(0)
  await tap(page, 'Step back')
  await expect(page.getByRole('alert')).toHaveCount(0)
  await expect(readBack(page)).toContainText('exactly 100')
  await tap(page, 'Step forward')
  await expect(page.getByRole('alert')).toHaveCount(1)
})

test('a track, a spinner below zero and a sentence can be made; every beginning reads back', async ({ page }) => {
  await page.goto('/workshop')
  await tap(page, 'Ten rounds')
  await blank(page, 'A throw').tap()
  await page.getByRole('radio', { name: 'A spinner' }).tap()
  await page.getByLabel('Fields of the spinner').fill('-3, −1, 2, 5')
  await page.getByLabel('Fields of the spinner').press('Tab')
  await page.keyboard.press('Escape')
  await expect(readBack(page)).toContainText('a spinner with −3, −1, 2 and 5')
  await blank(page, 'Track').tap()
  await page.getByRole('switch', { name: 'Markers move along a track' }).tap()
  await page.getByRole('radio', { name: 'Goes round' }).tap()
  await page.keyboard.press('Escape')
  await expect(readBack(page)).toContainText('behind the last place comes the first')
  for (const key of await page.getByRole('region', { name: 'Begin with' }).getByRole('button').all()) {
    await key.tap()
    await expect(readBack(page)).toContainText('The match is over')
  }
})

test('bots try a recipe out: how long, who wins, what should be known; and it is made ten minutes long', async ({
  page,
}) => {
  await page.goto('/workshop')
  await tap(page, 'Ten rounds')
  const tried = page.getByRole('region', { name: 'Tried by bots' })
  // A thousand, or as many as fit into a few seconds.
  await expect(tried).toContainText(/(?<!\d)(?:1000|[1-9]\d{0,2}) matches between bots/)
  await expect(tried.getByRole('list', { name: 'Who wins' }).getByRole('listitem')).toHaveCount(2)
  await expect(tried).toContainText(/About \d+ minutes?/)
  await tried.getByRole('radio', { name: '3', exact: true }).tap()
  await expect(tried.getByRole('list', { name: 'Who wins' }).getByRole('listitem')).toHaveCount(3)
  // A seven is on no die: it is told, and that it can never be.
  await tap(page, 'Another special')
  await fill(page, 'When', 'Nothing but …')
  await blank(page, 'When').tap()
  await page.getByRole('spinbutton', { name: 'Number of the condition' }).fill('7')
  await page.getByRole('spinbutton', { name: 'Number of the condition' }).press('Enter')
  await page.keyboard.press('Escape')
  await expect(tried.getByRole('list', { name: 'To know' })).toContainText('can never happen')
  await page.getByRole('button', { name: 'Remove the special' }).tap()
  await expect(tried).toContainText('Nothing stands out.')
  await tap(page, '10 minutes')
  await expect(tried).toContainText(/Rounds: \d+\. That is nearest to 10 minutes\./)
  const rounds = /Rounds: (\d+)/.exec((await tried.textContent())!)![1]
  await expect(readBack(page)).toContainText(`The match is over after ${rounds} rounds`)
})

test('a game of the rulebook is begun with, and what is otherwise is told', async ({ page }) => {
  await page.goto('/workshop')
  const games = page.getByRole('group', { name: 'A game of the rulebook' })
  for (const key of await games.getByRole('button').all()) {
    await key.tap()
    await expect(readBack(page)).toContainText(', our way: everybody throws')
  }
  await games.getByRole('button', { name: 'Step & Gather' }).tap()
  await expect(page.getByText(/Otherwise than in the rulebook: it is over after so many rounds/)).toBeVisible()
  await games.getByRole('button', { name: 'Ten-Turn Haul' }).tap()
  await expect(page.getByText(/Otherwise than in the rulebook/)).toHaveCount(0)
})

test('an own game is kept in versions, found by its title, handed on and looked at on a fresh server', async ({
  page,
  request,
}) => {
  // Letters alone: numbers are read as players or minutes.
  const letters = [...String(Date.now() % 1e6)].map((figure) => 'abcdefghij'[Number(figure)]).join('')
  const title = `Gull race ${letters}`
  await page.goto('/workshop')
  await tap(page, 'Race of products')
  await page.getByLabel('Title').fill(title)
  const kept = page.getByRole('region', { name: 'Own games of this room' })
  await kept.getByRole('button', { name: `Keep “${title}”`, exact: true }).tap()
  await expect(kept.getByRole('button', { name: title, exact: true })).toHaveAttribute('aria-pressed', 'true')
  await page.getByLabel('To remember').fill('No blowing on the dice')
  await kept.getByRole('button', { name: `Keep as version 2 of “${title}”`, exact: true }).tap()
  await expect(kept.getByRole('button', { name: `${title} version 2` })).toBeVisible()
  // What was there before is put back from where it is told.
  await page.getByRole('button', { name: 'Undo', exact: true }).tap()
  await expect(kept.getByRole('button', { name: `${title} version 3` })).toBeVisible()
  const { rules } = (await (await request.get('/api/house-rules?game=own-game')).json()) as {
    rules: { id: string; name: string; houseRules: object; version: number }[]
  }
  const mine = rules.find(({ name }) => name === title)!
  expect([mine.version, mine.houseRules]).toEqual([3, expect.not.objectContaining({ rule: expect.anything() })])

  await kept.getByRole('button', { name: `Hand on ${title}`, exact: true }).tap()
  await expect(page.getByTestId('link')).toContainText(`/workshop?kept=${mine.id}`)
  const file = await request.get(`/api/house-rules/${mine.id}/export`)
  await page.keyboard.press('Escape')

  // Found among the others by its title, begun at New match with its rules.
  await page.goto('/new')
  await page.getByLabel('Search the games').fill(title)
  const card = page.getByRole('region', { name: 'Which game' }).getByRole('button', { name: new RegExp(title) })
  await expect(card).toContainText(/products to 36/)
  await expect(card).toContainText(/minutes?/)
  await card.tap()
  await expect(page.getByRole('complementary')).toContainText('the product, added')
  await page.goto('/rulebook')
  await page.getByLabel('Search the games').fill(title)
  await page.getByRole('link', { name: new RegExp(title) }).tap()
  await expect(readBack(page)).toContainText(`${title}: everybody throws`)

  await fresh.start()
  try {
    await page.goto(`${fresh.address}/workshop`)
    await page.locator('input[type=file]').setInputFiles({
      name: 'gull-race.json',
      mimeType: 'application/json',
      buffer: Buffer.from(await file.body()),
    })
    await expect(page.getByText(`This is “${title}” from the file`)).toBeVisible()
    await expect(readBack(page)).toContainText(`${title}: everybody throws`)
    await tap(page, `Keep “${title}”`)
    await expect(page.getByRole('button', { name: title, exact: true })).toHaveAttribute('aria-pressed', 'true')
    await page.locator('input[type=file]').setInputFiles({
      name: 'other.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{"format":"nimble-tally/house-rules","version":1,"game":"brim","name":"Tuesday"}'),
    })
    await expect(page.getByRole('alert')).toContainText('house rules of another game')
    await expect(readBack(page)).toContainText(`${title}: everybody throws`)
  } finally {
    await fresh.stop()
  }
})

test('the rules of an own game are printed on one page, in sentences', async ({ page }) => {
  await page.goto('/workshop')
  await tap(page, 'Through the harbour')
  await page.getByRole('link', { name: 'Print it …' }).tap()
  await expect(page).toHaveURL(/\/print\/own-game/)
  await page.getByRole('checkbox', { name: /The rules on one page/ }).tap()
  await expect(page.getByText('Landing on 6 goes to 14.', { exact: false }).first()).toBeVisible()
  await expect(page).toHaveTitle(/Through the harbour/)
})

test('a track that goes round is a ring where there is room; points are towers of one measure', async ({
  page,
  request,
}) => {
  const clock = ownGame.presets.find(({ id }) => id === 'clock')!
  const houseRules = { ...clock.rules } as Record<string, unknown>
  const id = await playedByBots(request, ownGame as unknown as Game, 6, { key: '2~ring', plays: 20, houseRules })
  await page.goto(`/match/${id}`)
  const track = page.getByRole('list', { name: 'Track' })
  await expect(track.getByRole('listitem')).toHaveCount(60)
  const { entries } = (await (await request.get(`/api/matches/${id}`)).json()) as { entries: unknown[] }
  expect(entries).toHaveLength(20)
  // Places lie around the scores, and each is told with who stands there.
  const middle = (await page.getByRole('list', { name: 'Scores' }).boundingBox())!
  const [top, low] = [
    (await track.getByRole('listitem', { name: /^0,/ }).locator('span').first().boundingBox())!,
    (await track.getByRole('listitem', { name: /^30,/ }).locator('span').first().boundingBox())!,
  ]
  expect(top.y).toBeLessThan(middle.y)
  expect(low.y).toBeGreaterThan(middle.y + middle.height - 10)
  const told = await track
    .getByRole('listitem')
    .evaluateAll((all) => all.map((each) => each.getAttribute('aria-label')))
  for (const name of NAMES.slice(0, 6)) expect(told.filter((says) => says!.includes(name))).toHaveLength(1)
  await page.setViewportSize({ width: 390, height: 844 })
  await expect(page.getByRole('list', { name: 'Scores' })).toHaveCount(0)
  await expect(track.getByRole('listitem')).toHaveCount(60)
  expect(await wider(page)).toBe(0)

  const products = ownGame.presets.find(({ id: one }) => one === 'around-zero')!
  const below = await playedByBots(request, ownGame as unknown as Game, 4, {
    ...{ key: '2~towers', plays: 20, houseRules: { ...products.rules, start: 0 } as Record<string, unknown> },
  })
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto(`/match/${below}`)
  const towers = page.getByRole('list', { name: 'Towers' }).getByRole('listitem')
  await expect(towers).toHaveCount(4)
  for (const tower of await towers.all()) {
    const sum = Number((await tower.locator('b').first().textContent())!.replace('−', '-'))
    const [fill, ground] = await Promise.all(
      ['.fill', '.ground'].map(async (part) => (await tower.locator(part).boundingBox())!),
    )
    // Up from the ground, or down.
    expect(Math.sign(Math.round(ground!.y - (fill!.y + fill!.height / 2)))).toBe(Math.sign(sum))
  }
})

test('the workshop passes the scan and fits every size', async ({ page }) => {
  await page.goto('/workshop')
  await tap(page, 'Through the harbour')
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme })
    await expectScanned(page)
  }
  // As long as a title may be, in one word.
  await page.getByLabel('Title').fill('Harbour'.repeat(5) + 'Ferry')
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    expect([width, await wider(page)]).toEqual([width, 0])
  }
  await blank(page, 'What it makes').tap()
  await expectScanned(page)
})
