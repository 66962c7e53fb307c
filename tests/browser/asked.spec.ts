import { expect, test, type Page } from '@playwright/test'
import {
  archiveOf,
  boardOf,
  entriesOf,
  expectFaultless,
  makeMatch,
  openDesk,
  play,
  score,
  takeBack,
  tap,
} from './helpers'

/** What the room sees on the second screen beside the table: what it guessed before chance spoke, and drawings worked on. */
test.use({ hasTouch: true })

test('the room guesses before the roll: hands counted by touch, shown on the board, and how often it was right', async ({
  page,
  request,
  context,
}) => {
  const match = await makeMatch(request, { game: 'step-and-gather' })
  await openDesk(page, match)
  const room = page.getByRole('region', { name: 'Ask the room' })
  const screen = await context.newPage()
  await screen.setViewportSize({ width: 1280, height: 720 })
  await screen.goto(await boardOf(request, match))
  const said = screen.getByRole('region', { name: 'What the room says' })
  const hands = (page: Page) =>
    page
      .getByRole('listitem')
      .filter({ hasText: /More than 3|3 or less/ })
      .allInnerTexts()
  const plain = async (texts: Promise<string[]>) => (await texts).map((text) => text.replace(/\s+/g, ' ').trim())

  await tap(page, /^Ask the room: What will the die show/)
  await expect(said).toContainText('What will the die show?')
  const more = room.getByRole('button', { name: 'More than 3: one more hand' })
  const less = room.getByRole('button', { name: '3 or less: one more hand' })
  for (let n = 0; n < 3; n++) await more.tap()
  for (let n = 0; n < 2; n++) await less.tap()
  await room.getByRole('button', { name: '3 or less: one hand fewer' }).tap()
  await expect.poll(() => plain(hands(screen))).toEqual(['More than 3 3', '3 or less 1'])
  await expectFaultless(page)

  // Nothing depends on it, and a reload loses nothing.
  await page.reload()
  await expect(room).toContainText('What will the die show?')
  expect(await entriesOf(request, match)).toEqual([])
  await request.post(`/api/matches/${match}/entries`, {
    data: { id: `asked-${match}`, after: 0, entry: play({ do: 'step', by: 1, roll: 5, said: 4 }) },
  })
  await expect(room).toContainText('More than 3: 3 of 4 hands said so.')
  await expect(room).toContainText('The room was right 1 of 1 time.')
  await expect(said.getByRole('listitem').filter({ hasText: 'More than 3' })).toHaveClass(/came/)

  // Taking the roll back asks again; the next one is another question.
  await takeBack(page, request, match, () => tap(page, 'Take back'))
  await expect(more).toBeEnabled()
  await tap(page, 'Don’t ask')
  await expect(room.getByRole('button', { name: /^Ask the room/ })).toBeVisible()
  await expect(said).toHaveCount(0)

  const { matches } = await archiveOf(request, match)
  expect(matches[0]).not.toHaveProperty('asked')
})

test('what the room was asked goes along in the archive', async ({ request }) => {
  const match = await makeMatch(request)
  const asked = { after: 0, question: 'fits', hands: [12, 9] }
  const ask = (data: object) => request.put(`/api/matches/${match}/asked`, { data })
  expect((await ask(asked)).ok()).toBe(true)
  const archive = await archiveOf(request, match)
  expect(archive.matches[0]).toMatchObject({ asked: [asked] })
  expect((await request.delete(`/api/matches/${match}`)).ok()).toBe(true)
  expect((await request.post('/api/archive', { data: archive })).ok()).toBe(true)
  expect(await (await request.get(`/api/matches/${match}`)).json()).toMatchObject({ asked: [asked] })

  for (const wrong of [
    { ...asked, hands: [1] },
    { ...asked, hands: [1, -1] },
    { ...asked, hands: [100, 1] },
    { ...asked, question: '' },
    { ...asked, after: -1 },
  ])
    expect((await ask(wrong)).status()).toBe(422)
  expect((await request.put('/api/matches/none/asked', { data: asked })).status()).toBe(404)
})

test('a drawing that is worked on at the table stands large on the second screen, until somebody has played', async ({
  page,
  request,
  context,
}) => {
  const match = await makeMatch(request, { game: 'top-total' })
  await request.patch(`/api/matches/${match}`, { data: { veiled: true } })
  await openDesk(page, match)
  const screen = await context.newPage()
  await screen.setViewportSize({ width: 1280, height: 720 })
  await screen.goto(await boardOf(request, match))
  const drawn = screen.getByRole('region', { name: 'Table' })
  const laid = drawn.locator('[aria-pressed="true"]')

  for (const face of [6, 5]) await tap(page, `Rolled a ${face}`)
  await tap(page, 'Help')
  await expect(screen.getByRole('heading', { name: '6 + 5' })).toHaveCount(0)
  await page.getByRole('switch', { name: 'On the board view too' }).tap()
  await expect(screen.getByRole('heading', { name: '6 + 5' })).toBeVisible()
  await expect(laid).toHaveCount(0)
  await tap(page, 'Half of it')
  await expect(laid).toHaveCount(6)
  await page.getByRole('dialog').getByRole('button', { name: 'Cell 7' }).first().tap()
  await expect(laid).toHaveCount(7)
  expect(await screen.locator('body').innerText()).not.toMatch(/\b11\b/)
  await tap(page, 'Beads')
  await expect(laid).toHaveCount(6)
  await tap(page, 'Now say it')
  for (const n of [1, 1]) await tap(page, `Figure ${n}`)
  await page.getByRole('button', { name: /The sum is/ }).tap()
  await expect(screen.getByRole('heading', { name: '6 + 5' })).toHaveCount(0)
  await expect(score(page, 1)).toBeVisible()
})
