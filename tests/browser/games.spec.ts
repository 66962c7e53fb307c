import { expect, test, type Page } from '@playwright/test'
import { entriesOf, makeMatch, openDesk, score, tap, tape, verdict } from './helpers'

test.use({ hasTouch: true, viewport: { width: 1024, height: 1000 } })

const winner = (page: Page) => page.getByRole('region', { name: 'Announcement' }).getByRole('heading', { level: 2 })
const next = (page: Page, name: string) => expect(page.locator('li[aria-current]')).toContainText(name)

test('perch & push by touch: two cards, then a result on the board', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request, { game: 'perch-and-push', houseRules: { goal: 2 } }))
  for (const [cards, perch] of [[[3, 7], /^Perch on 13/], [[1, 1], /^Perch on 11/], [[3, 4], /^Perch on 13: 1 of Ines/]] as const) {
    for (const card of cards) await tap(page, `Drew a ${card}`)
    await tap(page, perch)
  }
  await next(page, 'Tomasz')
  await expect(score(page, 2)).toContainText('2 to go')
  await tap(page, 'Drew a 3')
  await tap(page, 'Drew a 8')
  await tap(page, /^Was put on 11/)
  await expect(verdict(page)).toContainText('3 + 10 = 13')
  await expect(page.getByRole('button', { name: 'Keep as a slip' })).toBeVisible()
  await expect(page.getByText('Tomasz pushes 2 markers of Ines off 13')).toBeVisible()
  await tap(page, /3 \+ 10 = 13/)
  await expect(winner(page)).toHaveText('Tomasz wins')
  await expect(score(page, 2)).toContainText('2')
})

test('perch & push by keyboard; where everything is safe one passes', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'perch-and-push', houseRules: { safeStack: 2 } })
  await openDesk(page, match)
  for (const keys of ['37a', '11a', '34a']) await page.keyboard.type(keys)
  await next(page, 'Tomasz')
  await page.keyboard.type('33')
  await page.getByRole('button', { name: 'Everything is safe: pass' }).tap()
  await expect.poll(() => entriesOf(request, match)).toContainEqual({ play: { do: 'pass', by: 2, cards: [3, 3] } })
})

test('a card of which all lie already can be entered, and let stand', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'perch-and-push', houseRules: { draw: 1, pack: { low: 1, high: 5, copies: 1 } } })
  await openDesk(page, match)
  await tap(page, 'Drew a 3')
  await tap(page, /^Perch on 13/)
  await next(page, 'Tomasz')
  await tap(page, 'Drew a 3')
  await tap(page, /^Perch on 13/)
  await expect(verdict(page)).toContainText('3')
  await tap(page, 'Let it stand …')
  await tap(page, 'A card was mis-sorted')
  await next(page, 'Ines')
  await expect(score(page, 2)).toContainText('1')
  await expect.poll(() => entriesOf(request, match)).toContainEqual({ play: { do: 'place', by: 2, cards: [3], on: 13 }, overrule: 'A card was mis-sorted' })
})

test('hundred stops by touch: dice, spinner, then the hops on the track', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request, { game: 'hundred-stops', houseRules: { end: 300 } }))
  await tap(page, 'Rolled a 6')
  await tap(page, 'Rolled a 6')
  await tap(page, 'Spun 3 hundred')
  await tap(page, /^Go to 200/)
  await tap(page, /^Hop 100/)
  await tap(page, 'Home: the rest is dropped')
  await expect(verdict(page)).toContainText('Ines ends on 300 and takes 2 tokens (200 and 300). Home!')
  await tap(page, /^Ends on 300, said 300/)
  await next(page, 'Tomasz')
  await tap(page, 'Rolled a 1')
  await tap(page, 'Rolled a 1')
  await tap(page, 'Spun 1 hundred')
  await tap(page, 'Walk all 2')
  await tap(page, /^Hop 100/)
  await tap(page, /^Ends on 220, said 220/)
  await expect(winner(page)).toHaveText('Ines wins')
  await tap(page, 'Was more to be had?')
  await expect(page.getByText('1 more was there for Tomasz')).toBeVisible()
})

test('hundred stops by notation; the best order only when asked', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'hundred-stops' })
  await openDesk(page, match)
  await page.keyboard.press('/')
  await page.getByLabel('Quick line').fill('54 1 t9 h')
  await expect(verdict(page)).toContainText('ends on 290 and takes no token')
  await expect(page.getByText('h t9')).toHaveCount(0)
  await page.keyboard.press('Enter')
  await expect.poll(() => entriesOf(request, match)).toEqual([{ play: { do: 'travel', by: 1, dice: [5, 4], hundreds: 1, order: ['t9', 'h'] } }])
})

test('column keeper by touch: a digit, then its column; the total regrouped step by step', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request, { game: 'column-keeper', houseRules: { columns: 2, discards: 1, rounds: 1 } }))
  const cards = [[7, 'ones'], [1, 'aside'], [9, 'tens'], [9, 'tens'], [5, 'ones'], [2, 'ones'], [8, 'tens'], [3, 'ones'], [1, 'aside'], [6, 'tens']] as const
  for (const [card, where] of cards) {
    await tap(page, `Drew a ${card}`)
    await tap(page, where === 'aside' ? 'Throw it away' : `Put it in the ${where}`)
  }
  await tap(page, /^Told the total, said 182/)
  await tap(page, 'Said another sum …')
  await page.getByLabel('What was said').fill('160')
  await tap(page, 'Said it')
  await expect(winner(page)).toHaveText('Ines wins')
  for (const step of ['ones 7 + 5 = 12: 2, carry 1', 'tens 9 + 8 + 1 = 18', '182'])
    await expect(tape(page).getByText(step, { exact: true })).toBeVisible()
  await tap(page, 'The best these cards could make')
  await expect(page.getByText(/Ines: made 182, could have made/)).toBeVisible()
})

test('column keeper: a third card in a column is refused in words and kept as a slip', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'column-keeper', houseRules: { columns: 2, perColumn: 1, discards: 1 } })
  await openDesk(page, match)
  for (const [card, where] of [[7, 'ones'], [8, 'ones']] as const) {
    await tap(page, `Drew a ${card}`)
    await tap(page, `Put it in the ${where}`)
  }
  await tap(page, 'Drew a 5')
  await tap(page, 'Was put in the ones, which are full')
  await expect(verdict(page)).toContainText('The ones hold 1 card already')
  await tap(page, 'Keep as a slip')
  await next(page, 'Ines')
  await tap(page, 'Put it in the tens')
  await next(page, 'Tomasz')
  await expect.poll(async () => (await entriesOf(request, match)).slice(2)).toEqual([
    { play: { do: 'put', by: 1, card: 5, in: 'ones' } },
    { play: { do: 'put', by: 1, card: 5, in: 'tens' } },
  ])
})

test('column keeper by keyboard', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'column-keeper', houseRules: { columns: 2, perColumn: 1, discards: 0 } })
  await openDesk(page, match)
  await page.keyboard.type('5t4t1o2o')
  await next(page, 'Ines')
  await page.keyboard.press('s')
  await expect(tape(page)).toContainText('Ines says the total is 51')
})

const ROOF = [[4], [6, 5], [3, 7, 8]]

test('roof tiles: the roof is typed in one go when the match is set up', async ({ page }) => {
  await page.goto('/new?game=roof-tiles')
  for (const name of ['Ines', 'Bao']) await page.getByRole('button', { name, exact: true }).tap().catch(() => {})
  await page.getByLabel('Name in seat 1').fill('Ines')
  await page.getByLabel('Name in seat 2').fill('Bao')
  await page.getByLabel('Rows').fill('3')
  await page.getByLabel('Rows').press('Tab')
  await page.getByRole('button', { name: 'Start the match' }).tap()
  await expect(page.getByText('Enter every roof whole')).toBeVisible()
  await page.getByLabel('Roof of Ines').fill('46577')
  await expect(page.getByRole('status').first()).toContainText('1 to come')
  await page.getByLabel('Roof of Ines').fill('465378')
  await page.getByLabel('Roof of Bao').fill('T11111')
  await expect(page.getByText('more than 4 of the 1')).toBeVisible()
  await page.getByLabel('Roof of Bao').fill('T12345')
  await page.getByRole('button', { name: 'Start the match' }).tap()
  await expect(page).toHaveURL(/\/match\//)
  await expect(page.getByRole('button', { name: 'Tile 3.2: 7' })).toBeVisible()
  await page.getByRole('button', { name: 'Go to the roof of Bao' }).tap()
  await expect(page.getByRole('button', { name: 'Tile 1.1: 10, covered' })).toBeVisible()
})

test('roof tiles by touch: what makes ten goes at once, side by side without turns', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'roof-tiles', houseRules: { rows: 3, pack: { low: 1, high: 10, copies: 2 } }, opening: { layouts: [ROOF, ROOF] } })
  await openDesk(page, match)
  await tap(page, 'Tile 3.1: 3')
  await tap(page, 'Tile 3.3: 8')
  await expect(verdict(page)).toContainText('That makes 11, and 10 is needed.')
  await page.getByRole('button', { name: 'Clear', exact: true }).tap()
  await tap(page, 'Tile 3.1: 3')
  await tap(page, 'Tile 3.2: 7')
  await expect(score(page, 1)).toContainText('23')
  await tap(page, 'Turned a 4')
  await tap(page, 'Tile 2.1: 6')
  await tap(page, 'The turned card: 4')
  await expect(score(page, 1)).toContainText('17')
  await tap(page, 'Ines stops')
  await tap(page, 'Tile 3.1: 3')
  await tap(page, 'Tile 3.2: 7')
  await tap(page, 'What can be taken')
  await expect(page.getByText('nothing now')).toBeVisible()
  await tap(page, 'Tomasz stops')
  await expect(winner(page)).toHaveText('Ines wins')
  await expect(page.getByRole('list', { name: 'Final comparison' })).toContainText(/Ines\s*17\s*<\s*Tomasz\s*23/)
})

test('roof tiles dealt: the best there was is found afterwards', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'roof-tiles', names: ['Ines'], source: 'dealt', seed: 'shed', houseRules: { rows: 3 } })
  await openDesk(page, match)
  await tap(page, 'Turn the next')
  await page.keyboard.press('Space')
  await expect(tape(page)).toContainText('Ines turns')
  await tap(page, 'Ines stops')
  await tap(page, 'The best there was')
  await expect(page.getByText(/could have been cleared|was the least that could be left/)).toBeVisible()
})

test('ask for the rest by touch: whom, for what, gave or no', async ({ page, request }) => {
  const houseRules = { hand: 3, pack: { low: 1, high: 9, copies: 1 } }
  const match = await makeMatch(request, { game: 'ask-for-rest', houseRules })
  await openDesk(page, match)
  const pad = page.getByRole('region', { name: 'Pad' })
  const lay = async (who: string, a: number, b: number) => {
    await tap(page, 'Lay a pair')
    await pad.getByRole('button', { name: who, exact: true }).tap()
    await tap(page, `Card ${a}`)
    await tap(page, `Card ${b}`)
  }
  await lay('Ines', 4, 7)
  await expect(verdict(page)).toContainText('That makes 11, and 10 is needed.')
  await lay('Ines', 4, 6)
  await expect(score(page, 1)).toContainText('1')
  await lay('Tomasz', 3, 7)
  await expect(score(page, 2)).toContainText('1')
  await tap(page, 'For a 6')
  await tap(page, 'No')
  await expect(verdict(page)).toContainText('To ask for a 6 one must hold a 4')
  await tap(page, 'For a 1')
  await tap(page, /^Gave it/)
  await expect(score(page, 1)).toContainText('2')
  await lay('Ines', 2, 8)
  await expect(winner(page)).toHaveText('Ines wins')
})

test('ask for the rest by keyboard and notation; a draw after a no; a belief overruled', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'ask-for-rest', names: ['Ines', 'Tomasz', 'Bao'] })
  await openDesk(page, match)
  await page.keyboard.press('F2')
  await page.keyboard.type('3n')
  await expect(page.getByText('Ines draws.', { exact: true })).toBeVisible()
  await page.keyboard.press('d')
  await next(page, 'Tomasz')
  await page.keyboard.press('/')
  await page.getByLabel('Quick line').fill('1 7 n')
  await expect(verdict(page)).toContainText('Ines does hold a 7')
  await page.getByLabel('Quick line').press('Escape')
  await page.keyboard.press('F1')
  await page.keyboard.type('7n')
  await tap(page, 'Let it stand …')
  await tap(page, 'A card was mis-sorted')
  await expect.poll(() => entriesOf(request, match)).toContainEqual({ play: { do: 'ask', by: 2, of: 1, for: 7, got: false }, overrule: 'A card was mis-sorted' })
})

test('a ten left in by mistake is put out by touch, and by key', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'ask-for-rest' })
  await openDesk(page, match)
  await tap(page, 'Put out')
  await expect(page.getByRole('button', { name: 'Put out a 7' })).toHaveCount(0)
  await page.getByRole('region', { name: 'Pad' }).getByRole('button', { name: 'Tomasz' }).tap()
  await tap(page, 'Put out a 10')
  await expect(tape(page)).toContainText('Tomasz puts a 10 out')
  await page.keyboard.type('xt')
  await expect.poll(() => entriesOf(request, match)).toEqual([{ play: { do: 'replace', by: 2, card: 10 } }, { play: { do: 'replace', by: 1, card: 10 } }])
})

test('an older question is amended in its pad', async ({ page, request }) => {
  const entries = [{ play: { do: 'ask', by: 1, of: 2, for: 3, got: true } }, { play: { do: 'ask', by: 2, of: 1, for: 4, got: true } }]
  const match = await makeMatch(request, { game: 'ask-for-rest', entries })
  await openDesk(page, match)
  await tape(page).getByRole('button', { name: /Ines asks Tomasz for a 3/ }).tap()
  await tap(page, 'Amend entry 1')
  await expect(page.getByRole('button', { name: 'For a 3', exact: true })).toHaveAttribute('aria-pressed', 'true')
  await tap(page, 'For a 2')
  await tap(page, /^Gave it/)
  await expect(page.getByRole('alertdialog', { name: 'What this changes' })).toContainText('Entry 1 becomes: Ines asks Tomasz for a 2: yes')
  await tap(page, 'Record it')
  await expect(tape(page)).toContainText('8 + 2 = 10')
})

test('the board never gets a hand, nor the order of a stock', async ({ page, request }) => {
  for (const game of ['ask-for-rest', 'roof-tiles']) {
    const match = await makeMatch(request, { game, source: 'dealt', seed: 'gull' })
    const { board } = await (await request.get(`/api/matches/${match}`)).json()
    const told = (await (await request.get(`/api/boards/${board}`)).json()) as { view: Record<string, unknown> }
    expect(JSON.stringify(told)).not.toMatch(/"seed"|gull|"known":\[\d|"order":\[/)
    await page.goto(`/board/${board}`)
    await expect(page.getByRole('region', { name: 'Table' })).toBeVisible()
    if (game === 'ask-for-rest') {
      expect(told.view.hands).toEqual([5, 5])
      await expect(page.getByRole('region', { name: 'Table' }).locator('svg text')).toHaveCount(0)
    }
  }
})

test('dealt: each game is played from the app’s own cards', async ({ page, request }) => {
  const draws: Record<string, string | RegExp> = { 'perch-and-push': 'Draw 2', 'hundred-stops': 'Roll and spin', 'column-keeper': 'Draw a digit' }
  for (const [game, key] of Object.entries(draws)) {
    await openDesk(page, await makeMatch(request, { game, source: 'dealt', seed: 'pier' }))
    await tap(page, key)
    await page.keyboard.press('Space')
    await expect(page.getByRole('button', { name: key })).toHaveCount(0)
  }
  const match = await makeMatch(request, { game: 'ask-for-rest', source: 'dealt', seed: 'pier' })
  await openDesk(page, match)
  await tap(page, 'For a 3')
  await expect(page.getByText(/Tomasz has (no )?3/)).toBeVisible()
})
