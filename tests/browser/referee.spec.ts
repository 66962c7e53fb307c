import { expect, test, type APIRequestContext, type Page } from '@playwright/test'
import {
  append,
  boardOf,
  doubleTap,
  entriesOf,
  makeMatch,
  onTurn,
  openDesk,
  pad,
  score,
  SIZES,
  tap,
  tape,
  verdict,
  winner,
} from './helpers'
import { ownServer } from './server'

/** What a referee with six noisy children stumbled over, so that it does not come back. */
test.use({ hasTouch: true })

const roll = (by: number, dice = [6, 5, 4, 3, 1]) => ({ play: { do: 'roll', by, dice } })
const stop = (by: number, said?: number) => ({ play: { do: 'stop', by, ...(said === undefined ? {} : { said }) } })
const SIX = ['Ines', 'Tomasz', 'Odalys', 'Bao', 'Wren', 'Kofi']

test('six players: all of them in sight at every size, and the pad says whose play it is', async ({
  page,
  request,
}) => {
  await openDesk(page, await makeMatch(request, { players: SIX, first: 6 }))
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    for (const player of await page.getByRole('list', { name: 'Players' }).getByRole('listitem').all()) {
      const box = (await player.boundingBox())!
      expect([width, box.x >= 0 && box.x + box.width <= width && box.y + box.height <= height]).toEqual([width, true])
    }
    await expect(pad(page)).toContainText('Kofi')
  }
})

test('touching a player’s name enters for that player, out of turn too; once more and it is whose turn it is', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, { players: ['Ines', 'Tomasz', 'Bao'] })
  await openDesk(page, match)
  await tap(page, /^Bao/)
  await expect(pad(page)).toContainText('Entering for Bao')
  for (const face of [1, 2, 3, 4, 5]) await tap(page, `Rolled a ${face}`)
  await expect(verdict(page)).toContainText('It is not Bao’s turn. Ines is next: roll.')
  await tap(page, 'Keep it as tried')
  await expect.poll(() => entriesOf(request, match)).toEqual([roll(3, [1, 2, 3, 4, 5])])
  await tap(page, 'back to whose turn it is')
  await expect(pad(page)).toContainText('Ines')
})

/** A desk where a key was tapped twice; a new one where the machine was too slow for a double tap. Resolves with the match. */
async function tappedTwice(page: Page, request: APIRequestContext, entries: readonly unknown[], name: RegExp) {
  for (let tries = 1; ; tries++) {
    const match = await makeMatch(request, { entries: [...entries] })
    await openDesk(page, match)
    const key = page.getByRole('button', { name })
    await expect(key).toBeEnabled()
    const { x, y, width, height } = (await key.boundingBox())!
    if ((await doubleTap(page, [x + width / 2, y + height / 2])) || tries === 4) return match
  }
}

test('a double tap is one play: nothing under the finger takes the second touch', async ({ page, request }) => {
  const match = await tappedTwice(page, request, [roll(1)], /^Stop and bank 19/)
  await expect(onTurn(page)).toContainText('Tomasz')
  await expect.poll(() => entriesOf(request, match)).toEqual([roll(1), stop(1, 19)])
  await expect(page.getByRole('button', { name: '5 dice to enter' })).toBeVisible()
})

test('taking back says what it took back and offers it again; a double tap takes one back', async ({
  page,
  request,
}) => {
  const match = await tappedTwice(page, request, [roll(1), stop(1, 19), roll(2)], /^Take back$/)
  await expect(page.getByRole('status').filter({ hasText: 'Taken back: Tomasz rolls 6 5 4 3 1' })).toBeVisible()
  await expect.poll(async () => (await entriesOf(request, match)).slice(3)).toEqual([{ strike: 3 }])
  await tap(page, 'Bring it back')
  await expect(tape(page)).toContainText('Tomasz rolls 6 5 4 3 1')
})

test('Enter is the pad’s: not that of a key touched before, of a tape entry, or of a sheet that was closed', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request)
  await openDesk(page, match)
  for (const face of [6, 5, 4, 3, 1]) await page.getByRole('button', { name: `Rolled a ${face}` }).click()
  await page.keyboard.press('Enter')
  await expect.poll(() => entriesOf(request, match)).toEqual([roll(1)])
  await tape(page)
    .getByRole('button', { name: /Ines rolls/ })
    .click()
  await tape(page)
    .getByRole('button', { name: /Ines rolls/ })
    .click()
  await page.keyboard.type('11111')
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await expect(page.getByRole('menu')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('menu')).toHaveCount(0)
  await expect(pad(page)).toBeFocused()
  await page.keyboard.press('Enter')
  await expect.poll(() => entriesOf(request, match)).toHaveLength(2)
  await expect(page.getByRole('dialog')).toHaveCount(0)
})

test('the last verdict stays, large, until the next entry begins; a belief overruled is told on tape, CSV and plain text', async ({
  page,
  request,
}) => {
  const parts = { game: 'perch-and-push', houseRules: { draw: 1, pack: { low: 1, high: 5, copies: 1 } } }
  const match = await makeMatch(request, { ...parts, entries: [{ play: { do: 'place', by: 1, cards: [3], on: 13 } }] })
  await openDesk(page, match)
  await expect(verdict(page)).toContainText('Stands')
  await expect(verdict(page)).toContainText('Ines perches on 13.')
  await tap(page, 'Drew a 3')
  await tap(page, /^Perch on 13/)
  await expect(verdict(page)).toContainText('The one 3 of the pack is out already')
  await tap(page, 'Let it stand …')
  await tap(page, 'A card was mis-sorted')
  await expect(verdict(page)).toContainText('Let stand')
  await expect(tape(page)).toContainText('let stand by the referee (A card was mis-sorted)')
  const read = async (as: string) => (await request.get(`/api/matches/${match}/export?as=${as}`)).text()
  expect((await read('csv')).split('\r\n')[2]).toMatch(/,yes,/)
  expect(await read('txt')).toContain('let stand by the referee')
})

test('“Your call” only where there is something to decide, with the keys to decide it; else it is noted', async ({
  page,
  request,
}) => {
  const ask = (by: number, of: number, card: number, got: boolean) => ({ play: { do: 'ask', by, of, for: card, got } })
  // Tomasz said there was no 7, and lays one.
  const match = await makeMatch(request, {
    game: 'ask-for-rest',
    players: ['Ines', 'Tomasz', 'Bao'],
    entries: [ask(1, 2, 7, false), { play: { do: 'lay', by: 2, cards: [3, 7] } }],
  })
  await openDesk(page, match)
  await expect(verdict(page)).toContainText('Your call')
  await tap(page, 'Leave it so')
  await expect
    .poll(async () => (await entriesOf(request, match)).at(-1))
    .toEqual({ call: 'note', why: 'entry 2 stays as it is' })
  await expect(verdict(page)).not.toContainText('Your call')
})

test('explaining required: choosing how after the answer counts; stopping over a half-entered roll asks', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, { houseRules: { explain: 'required' }, entries: [roll(1)] })
  await openDesk(page, match)
  await page.keyboard.type('11')
  await tap(page, /^Stop and bank 19/)
  await expect(page.getByRole('alert').filter({ hasText: 'A further roll is half entered' })).toBeVisible()
  expect(await entriesOf(request, match)).toHaveLength(1)
  await tap(page, /^Stop and bank 19/)
  await expect(verdict(page)).toContainText('Not yet')
  await tap(page, 'counted on')
  await expect(score(page, 1)).toContainText('19')
  await expect
    .poll(async () => (await entriesOf(request, match)).at(-1))
    .toEqual({ play: { do: 'stop', by: 1, said: 19, explained: true, how: 'counted-on' } })
})

test('a ruling that changes nothing is not recorded; one that ends the match says so before', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, {
    houseRules: { rounds: 3 },
    entries: [roll(1), stop(1, 19), roll(2, [1, 1, 1, 1, 1]), stop(2, 5)],
  })
  await openDesk(page, match)
  await page.keyboard.press('r')
  const sheet = page.getByRole('dialog', { name: 'Ruling' })
  await expect(sheet.getByRole('status')).toContainText('That is the rule already')
  await expect(sheet.getByRole('button', { name: 'Record the ruling' })).toBeDisabled()
  await sheet.getByRole('spinbutton', { name: 'Rounds' }).fill('1')
  await sheet.getByLabel('In your own words').click()
  await expect(sheet.getByRole('status')).toContainText('This ends the match: Ines wins: most points.')
  await sheet.getByRole('button', { name: 'Record the ruling' }).click()
  await expect(winner(page)).toHaveText('Ines wins')
})

test('the announcement’s table tells what rulings gave', async ({ page, request }) => {
  const entries = [
    roll(1),
    stop(1, 19),
    roll(2),
    stop(2, 19),
    { ruling: { award: { by: 2, points: 2 } } },
    { call: 'finish' },
  ]
  await openDesk(page, await makeMatch(request, { entries }))
  await expect(page.getByRole('row', { name: /By ruling/ })).toContainText('+2')
  await expect(page.getByRole('row', { name: /Together/ })).toContainText(/19\s*21/)
})

test('what is agreed is one touch away, with what was changed since', async ({ page, request }) => {
  await openDesk(
    page,
    await makeMatch(request, { entries: [{ ruling: { houseRules: { rounds: 2 } }, why: 'vote, 3 to 0' }] }),
  )
  await tap(page, 'Agreed house rules')
  const sheet = page.getByRole('dialog', { name: 'Agreed' })
  await expect(sheet).toContainText('2 rounds, one turn each')
  await expect(sheet).toContainText('Rounds: 2 from now on (vote, 3 to 0)')
  await expect(sheet.getByRole('link', { name: 'The rulebook’s page' })).toBeVisible()
  // Questions are answered under what is agreed now.
  await sheet.getByRole('link', { name: 'Questions about it' }).click()
  await expect(page.getByText('2 rounds, one turn each', { exact: false }).first()).toBeVisible()
})

test('children are renamed and a table gets a name; everybody who follows sees it', async ({
  page,
  request,
  context,
}) => {
  const match = await makeMatch(request, { players: ['Ines', 'Tomsz'], entries: [roll(1)] })
  const other = await context.newPage()
  await openDesk(page, match)
  await openDesk(other, match)
  await page.keyboard.press('m')
  await tap(page, 'Names …')
  const sheet = page.getByRole('dialog', { name: 'Names' })
  await sheet.getByLabel('Name of the table').fill('Lantern')
  await sheet.getByLabel('Name of player 2').fill('')
  await sheet.getByRole('button', { name: 'Keep the names' }).click()
  await expect(sheet.getByText('A name is missing.')).toBeVisible()
  await expect(sheet.getByLabel('Name of player 2')).toBeFocused()
  await sheet.getByLabel('Name of player 2').fill('ines')
  await sheet.getByRole('button', { name: 'Keep the names' }).click()
  await expect(sheet.getByRole('alert')).toContainText('add a letter to tell them apart')
  await sheet.getByLabel('Name of player 2').fill('Tomasz')
  await sheet.getByRole('button', { name: 'Keep the names' }).click()
  await expect(other.getByRole('list', { name: 'Players' })).toContainText('Tomasz')
  await expect(other.getByRole('heading', { level: 1 })).toContainText('Lantern')
  await page.goto('/')
  await expect(page.locator('li', { has: page.locator(`a[href="/match/${match}"]`) })).toContainText('Lantern')
})

test('a mistyped opening is put right after the start; what that changes is shown first', async ({ page, request }) => {
  const ROOF = [[4], [6, 5], [3, 7, 8]]
  const entries = [
    {
      play: {
        do: 'take',
        by: 1,
        tiles: [
          [3, 1],
          [3, 2],
        ],
      },
    },
  ]
  const match = await makeMatch(request, {
    game: 'roof-tiles',
    players: ['Ines', 'Bao'],
    houseRules: { rows: 3 },
    opening: { layouts: [ROOF, ROOF] },
    entries,
  })
  await openDesk(page, match)
  await page.keyboard.press('m')
  await tap(page, 'What was laid out …')
  const sheet = page.getByRole('dialog', { name: 'What was laid out' })
  await expect(sheet.getByLabel('Roof of Ines')).toHaveValue('465378')
  await sheet.getByLabel('Roof of Ines').fill('46537')
  await sheet.getByRole('button', { name: 'Lies a 9', exact: true }).click()
  await sheet.getByRole('button', { name: 'Remove the last card' }).click()
  await expect(sheet.getByRole('status').first()).toContainText('1 to come')
  await sheet.getByRole('button', { name: 'See what this changes' }).click()
  await expect(sheet.getByRole('alert').first()).toContainText('Enter every roof whole')
  await sheet.getByLabel('Roof of Ines').fill('46536')
  await sheet.getByRole('button', { name: 'Lies a 8', exact: true }).click()
  await sheet.getByRole('button', { name: 'See what this changes' }).click()
  const panel = page.getByRole('alertdialog', { name: 'What this changes' })
  await expect(panel).toContainText('That makes 9, and 10 is needed.')
  await panel.getByRole('button', { name: 'Record it' }).click()
  await expect(score(page, 1)).toContainText('32')
  await expect
    .poll(() => entriesOf(request, match))
    .toEqual([...entries, { amend: 0, opening: { layouts: [[[4], [6, 5], [3, 6, 8]], ROOF] } }])
})

test('a roof is laid out card by card on the app’s own keys, and nonsense is named', async ({ page }) => {
  await page.goto('/new?game=roof-tiles')
  await page.getByLabel('Name of player 1').fill('Ines')
  await page.getByLabel('Name of player 2').fill('Bao')
  await page.getByLabel('Rows').fill('2')
  await page.getByLabel('Rows').press('Tab')
  await page.getByRole('button', { name: 'Start the match' }).tap()
  await expect(page.getByText('Enter every roof whole')).toBeVisible()
  await page.getByLabel('Roof of Ines').fill('4x7')
  await expect(page.getByText('What stands at place 2 is no card.')).toBeVisible()
  await expect(page.getByText(/NaN/)).toHaveCount(0)
  await page.getByLabel('Roof of Ines').fill('')
  // The next roof follows the one that is complete.
  for (const card of [4, 3, 7, 10, 5, 6]) await tap(page, `Lies a ${card}`)
  await expect(page.getByLabel('Roof of Bao')).toHaveValue('T56')
  await page.getByRole('button', { name: 'Start the match' }).tap()
  await expect(page.getByRole('button', { name: 'Tile 2.2: 7' })).toBeVisible()
})

test('the board goes on with the next match of the same table', async ({ page, context, request }) => {
  const match = await makeMatch(request, {
    houseRules: { rounds: 1 },
    entries: [roll(1), stop(1, 19), roll(2), stop(2)],
  })
  const board = await context.newPage()
  await board.goto(await boardOf(request, match))
  await expect(board.getByRole('region', { name: 'Announcement' })).toContainText('share the win')
  await openDesk(page, match)
  await tap(page, 'Play again')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page).not.toHaveURL(new RegExp(match))
  await expect(board.getByRole('region', { name: 'Announcement' })).toHaveCount(0)
  await expect(score(board, 1)).toHaveText('0')
})

test('the quick line takes a name, and says in its help what can be typed for this game', async ({ page, request }) => {
  const match = await makeMatch(request, {
    game: 'roof-tiles',
    players: ['Ines', 'Bao'],
    houseRules: { rows: 3 },
    opening: {
      layouts: [
        [[4], [6, 5], [3, 7, 8]],
        [[4], [6, 5], [3, 7, 8]],
      ],
    },
  })
  await openDesk(page, match)
  await tap(page, 'What can be typed')
  await expect(pad(page)).toContainText('takes a tile with the turned card')
  await page.getByLabel('Quick line').fill('Bao 3.1 3.2')
  await page.getByLabel('Quick line').press('Enter')
  await expect
    .poll(() => entriesOf(request, match))
    .toEqual([
      {
        play: {
          do: 'take',
          by: 2,
          tiles: [
            [3, 1],
            [3, 2],
          ],
        },
      },
    ])
})

test('on a phone Start is within two screens, and the dark switch is there', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/new?game=brim')
  const start = (await page.getByRole('button', { name: 'Start the match' }).boundingBox())!
  expect(start.y + start.height).toBeLessThan(2 * 844)
  await expect(page.getByRole('button', { name: /^Switch to/ })).toBeVisible()
  await page.getByRole('button', { name: 'Change a house rule' }).tap()
  await expect(page.getByLabel('Rolls in a turn')).toBeVisible()
})

test('where fewest is best, the leader’s bar is the longest', async ({ page, request }) => {
  const ROOF = [[4], [6, 5], [3, 7, 8]]
  const match = await makeMatch(request, {
    game: 'roof-tiles',
    players: ['Ines', 'Bao'],
    houseRules: { rows: 3 },
    opening: { layouts: [ROOF, ROOF] },
    entries: [
      {
        play: {
          do: 'take',
          by: 2,
          tiles: [
            [3, 1],
            [3, 2],
          ],
        },
      },
    ],
  })
  await page.goto(await boardOf(request, match))
  const width = async (seat: number) =>
    (await page
      .getByRole('list', { name: 'Standing' })
      .getByRole('listitem')
      .nth(seat - 1)
      .locator('.bar')
      .boundingBox())!.width
  await expect.poll(async () => (await width(2)) > (await width(1))).toBe(true)
})

test('the room never sees a wrong answer', async ({ page, request }) => {
  const match = await makeMatch(request, { entries: [roll(1)] })
  await page.goto(await boardOf(request, match))
  await expect(page.getByRole('region', { name: 'Last play' })).toContainText('Ines rolls')
  await append(request, match, 1, stop(1, 18))
  await expect(score(page, 1)).toHaveText('19')
  await expect(page.getByRole('region', { name: 'Last play' })).toContainText('Ines stops')
  await expect(page.locator('body')).not.toContainText('18')
})

test('a server with pages open stops in under two seconds, and can be started again at once', async ({ browser }) => {
  const server = ownServer(12)
  await server.start()
  const { id } = (await (
    await server.post('/api/matches', { game: 'brim', seats: [{ name: 'Ines', pennant: 1 }], first: 1 })
  ).json()) as { id: string }
  const page = await browser.newPage()
  await page.goto(`${server.address}/match/${id}`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(score(page, 1)).toHaveText(/0/)
  // Nitro would wait half a minute for a stream that stays open; a generous bound that a slow machine keeps too.
  const stopped = await Promise.race([
    server.stop().then(() => true),
    new Promise((resolve) => setTimeout(() => resolve(false), 10_000)),
  ])
  expect(stopped).toBe(true)
  await server.start()
  await page.keyboard.type('11111')
  await page.keyboard.press('Enter')
  await expect
    .poll(async () => ((await (await fetch(`${server.address}/api/matches/${id}`)).json()) as { last: number }).last, {
      timeout: 30_000,
    })
    .toBe(1)
  await page.close()
  await server.stop()
})
