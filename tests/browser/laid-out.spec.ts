import { expect, test } from '@playwright/test'
import { CHAINS, wholeRow } from '../../core/games/last-digit-chains/chains'
import { FIXTURES } from '../games/index'
import { entriesOf, makeMatch, openDesk, play, SIZES, tap, tape, wider } from './helpers'

test.use({ hasTouch: true })

/** Names for two, on New match. */
async function sitDown(page: import('@playwright/test').Page) {
  await page.getByLabel('Name of player 1').fill('Ines')
  await page.getByLabel('Name of player 2').fill('Tomasz')
}
const start = (page: import('@playwright/test').Page) => tap(page, 'Start the match')

test('runs of the yard are dragged: whole, and cut where they are touched', async ({ page, request }) => {
  const add = (card: number, to: string) => ({ play: { do: 'add', by: 1, card, to } })
  const entries = [{ play: { do: 'draw', by: 1 } }, add(4, 'NE'), add(15, 'N')]
  const match = await makeMatch(request, { ...FIXTURES['skip-count-yard']!.open, entries })
  await openDesk(page, match)
  const drag = async (from: string, to: string) => {
    const [start, end] = await Promise.all([
      page.getByRole('button', { name: from, exact: true }).boundingBox(),
      page.locator(`[data-place="${to}"]`).boundingBox(),
    ])
    await page.mouse.move(start!.x + start!.width / 2, start!.y + start!.height / 2)
    await page.mouse.down()
    await page.mouse.move(end!.x + end!.width / 2, end!.y + end!.height / 2, { steps: 6 })
    await page.mouse.up()
  }
  await drag('8 on the east side', 'NE')
  await expect(tape(page)).toContainText('Ines moves 8 from the east side to the north-east corner')
  // Right after recording a touch is no play: a moment later it is.
  await expect(async () => {
    await drag('15 on the north side', 'E')
    await expect(tape(page)).toContainText('Ines moves 15 from the north side to the east side', { timeout: 1000 })
  }).toPass()
  await expect
    .poll(async () => (await entriesOf(request, match)).slice(3))
    .toEqual([
      { play: { do: 'move', by: 1, from: 'E', to: 'NE' } },
      { play: { do: 'move', by: 1, from: 'N', to: 'E', count: 1 } },
    ])
})

test('a top of the chains is dragged to its row; let go elsewhere, or with Escape, it stays', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, FIXTURES['last-digit-chains']!.open)
  await openDesk(page, match)
  const fan = page.getByRole('button', { name: /^Fan 1: / })
  const drag = async (to: string) => {
    const [start, end] = await Promise.all([fan.boundingBox(), page.locator(to).first().boundingBox()])
    await page.mouse.move(start!.x + start!.width - 10, start!.y + 10)
    await page.mouse.down()
    await page.mouse.move(end!.x + end!.width / 2, end!.y + end!.height / 2, { steps: 6 })
  }
  await drag('[data-place="2"]')
  await page.keyboard.press('Escape')
  await page.mouse.up()
  await drag('header h1')
  await page.mouse.up()
  await expect(page.getByTestId('verdict')).not.toContainText('row 2')
  await drag('[data-place="2"]')
  await page.mouse.up()
  // Whether it fits is the judge's to say; that it was laid there is told either way.
  await expect(page.getByTestId('verdict').or(tape(page)).first()).toContainText(/row 2/i)
})

test('plays overlooked in the yard: the cards are named, and the search moves what is in the way', async ({
  page,
  request,
}) => {
  const entries = [{ play: { do: 'draw', by: 1 } }, { play: { do: 'add', by: 1, card: 4, to: 'NE' } }]
  await openDesk(page, await makeMatch(request, { ...FIXTURES['skip-count-yard']!.open, entries }))
  await tap(page, 'Overlooked?')
  await tap(page, 'Holds 27')
  await expect(page.getByText('At once: nothing')).toBeVisible()
  await tap(page, 'The most with moving')
  await expect(page.getByText('1 of 1 cards')).toBeVisible()
  await expect(page.getByText('move E to NE')).toBeVisible()
})

test('whether chains can still be completed is searched for', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request, FIXTURES['last-digit-chains']!.open))
  await tap(page, 'Can it still be completed?')
  await expect(page.getByRole('status').filter({ hasText: 'Ines: can still be completed' })).toBeVisible()
})

test('numbers as the children wrote them: read in words, refused before play with what is wrong', async ({
  page,
  request,
}) => {
  await page.goto('/new?game=place-strike')
  await sitDown(page)
  await tap(page, 'Three digits')
  await page.getByLabel('Numbers of Ines').fill('352\n416\n124\n653\n207\n111')
  await expect(page.getByText('three hundred and fifty-two', { exact: true })).toBeVisible()
  await expect(page.getByText('207 has a 0, which could never be rolled: digits go from 1 to 6.')).toBeVisible()
  await page.getByLabel('Numbers of Tomasz').fill('111\n222\n333\n444\n555')
  await expect(page.getByText('1 to come')).toBeVisible()
  await start(page)
  await expect(page.getByRole('alert').filter({ hasText: 'Write every number whole' })).toBeVisible()
  await page.getByLabel('Numbers of Ines').fill('352\n416\n124\n653\n261\n111')
  await page.getByLabel('Numbers of Tomasz').fill('111 222\n333')
  await expect(page.getByText('111222 has 6 digits; every number needs 3.')).toBeVisible()
  await page.getByLabel('Numbers of Tomasz').fill('111\n222\n333\n444\n555\n666')
  await start(page)
  await expect(page).toHaveURL(/\/match\//)
  const { opening } = await (await request.get(`/api/matches/${page.url().split('/').pop()}`)).json()
  expect(opening.boards[0]).toEqual(['352', '416', '124', '653', '261', '111'])
})

test('fans are typed as digits in one go and checked against the pack as they come', async ({ page }) => {
  const pack = CHAINS.short.starts.flatMap((_, row) => wholeRow(CHAINS.short, row)).join('')
  await page.goto('/new?game=last-digit-chains')
  await sitDown(page)
  await page.getByLabel('Fans of Ines').fill(pack.slice(0, 30))
  await expect(page.getByText('6 to come', { exact: true })).toBeVisible()
  await page.getByLabel('Fans of Ines').fill('111111 1')
  await expect(page.getByText('That is more than 6 of the 1: look again.')).toBeVisible()
  await page.getByLabel('Fans of Ines').fill('15')
  await expect(page.getByText('There is no 5 in this pack.')).toBeVisible()
  await page.getByLabel('Fans of Ines').fill(pack)
  await page.getByLabel('Fans of Tomasz').fill(pack)
  await start(page)
  await expect(page).toHaveURL(/\/match\//)
})

test('the four cards of the yard are touched; a card of no set is named', async ({ page, request }) => {
  await page.goto('/new?game=skip-count-yard')
  await sitDown(page)
  await page.getByLabel('North side').fill('7')
  await expect(page.getByText('no 7 in these sets')).toBeVisible()
  await page.getByLabel('North side').fill('12')
  for (const card of [8, 20, 35]) await tap(page, `Lies a ${card}`)
  await start(page)
  await expect(page).toHaveURL(/\/match\//)
  const { opening } = await (await request.get(`/api/matches/${page.url().split('/').pop()}`)).json()
  expect(opening).toEqual({ sides: [12, 8, 20, 35] })
})

test('the key of tokens is edited, and the bag is counted by its names', async ({ page, request }) => {
  await page.goto('/new?game=token-dip')
  await sitDown(page)
  const agreed = page.getByRole('region', { name: 'Agreed' })
  await page.getByLabel('token 1', { exact: true }).fill('cork')
  await page.getByLabel('worth of cork').fill('4')
  await page.getByLabel('worth of cork').blur()
  await expect(agreed).toContainText('Cork is 4, amber is 6')
  await tap(page, 'Remove white')
  await page.locator('[data-rule="bag"]').getByRole('switch').tap()
  await page.getByLabel('cork In the bag').fill('9')
  await page.getByLabel('cork In the bag').blur()
  await expect(agreed).toContainText('In the bag are 9 cork, 5 amber')
  await tap(page, 'Another token')
  await expect(page.locator('[data-rule="key"]').getByRole('alert')).toBeVisible()
  await page.getByLabel('token 6', { exact: true }).fill('shell')
  await expect(page.locator('[data-rule="key"]').getByRole('alert')).toHaveCount(0)
  await start(page)
  await expect(page).toHaveURL(/\/match\//)
  const { houseRules } = await (await request.get(`/api/matches/${page.url().split('/').pop()}`)).json()
  expect(houseRules.bag).toEqual({ cork: 9, amber: 5, teal: 5, plum: 5, slate: 5, shell: 5 })
})

test('token-dip: a recount’s names and fields are whole at every size', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'token-dip', entries: [play({ do: 'dip', by: 1, token: 'plum' })] })
  await openDesk(page, match)
  await tap(page, 'Count tokens')
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    const parts = page.getByRole('region', { name: 'Pad' }).locator('label:not([for=quick]), label *, input, button')
    const cut = () =>
      parts.evaluateAll((all) =>
        all.flatMap((part) =>
          part.scrollWidth > part.clientWidth + 1 && getComputedStyle(part).display !== 'inline'
            ? [part.outerHTML.slice(0, 90)]
            : [],
        ),
      )
    await expect.poll(async () => [width, await cut()]).toEqual([width, []])
    expect(await wider(page)).toBe(0)
  }
})

test('six-heaps: two of the lines that one card makes are named, and no play is made before', async ({
  page,
  request,
}) => {
  const entries = [
    [1, 8, [1, 1]],
    [2, 8, [2, 2]],
  ].map(([by, card, at]) => play({ do: 'place', by, card, at }))
  const match = await makeMatch(request, { game: 'six-heaps', houseRules: { counted: 'spotted' }, entries })
  await openDesk(page, match)
  await tap(page, 'Card 6')
  await tap(page, 'Put it on the bare place in row 1, column 2')
  for (const line of ['8 + 6 = 14', '6 + 8 = 14']) {
    expect(await entriesOf(request, match)).toHaveLength(2)
    await tap(page, line)
  }
  await tap(page, 'These 2 were named')
  await expect
    .poll(async () => (await entriesOf(request, match)).at(-1))
    .toMatchObject({
      play: {
        spotted: [
          [
            [1, 1],
            [1, 2],
          ],
          [
            [1, 2],
            [2, 2],
          ],
        ],
      },
    })
})
