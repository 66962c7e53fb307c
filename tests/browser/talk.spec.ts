import { expect, test } from '@playwright/test'
import { append, expectScanned, makeMatch, onTurn, openDesk, play, tap } from './helpers'

/** The referee's two short cards: before the first play, and after the last. */
test.use({ hasTouch: true })

test('before: what to look for, how a play is said, and who begins, drawn by lot until somebody has played', async ({
  page,
  request,
  context,
}) => {
  const match = await makeMatch(request, { players: ['Ines', 'Bao', 'Wren'] })
  await openDesk(page, match)
  const other = await context.newPage()
  await openDesk(other, match)
  const card = page.getByRole('region', { name: 'Before the first play' })
  await expect(card).toContainText('Ines begins.')
  await expectScanned(page)

  // Three may begin: sooner or later each of them does.
  const begun = new Set<string>()
  for (let n = 0; n < 80 && begun.size < 3; n++) {
    const answered = page.waitForResponse((response) => response.request().method() === 'PATCH')
    await tap(page, 'Draw lots')
    const { first } = (await answered).request().postDataJSON() as { first: number }
    const name = ['Ines', 'Bao', 'Wren'][first - 1]!
    begun.add(name)
    await expect(card).toContainText(`${name} begins.`)
    await expect(onTurn(other)).toContainText(name)
  }
  expect([...begun].sort()).toEqual(['Bao', 'Ines', 'Wren'])

  await tap(page, 'Put away')
  await expect(card).toHaveCount(0)
  await page.reload()
  await expect(page.getByRole('region', { name: 'The referee’s eye' })).toBeVisible()
  await expect(card).toHaveCount(0)

  const first = ((await (await request.get(`/api/matches/${match}`)).json()) as { first: number }).first
  await append(request, match, 0, play({ do: 'roll', by: first, dice: [6, 5, 4, 3, 1] }))
  const late = await request.patch(`/api/matches/${match}`, { data: { first: 2 } })
  expect([late.status(), ((await late.json()) as { code: string }).code]).toEqual([422, 'already-played'])
  expect((await request.patch(`/api/matches/${match}`, { data: { first: 4 } })).status()).toBe(422)
})

test('no such cards where they are not wished, and back again', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request))
  const card = page.getByRole('region', { name: 'Before the first play' })
  await tap(page, 'No such cards')
  await expect(card).toHaveCount(0)
  await openDesk(page, await makeMatch(request, { game: 'top-total' }))
  await expect(page.getByRole('region', { name: 'The referee’s eye' })).toBeVisible()
  await expect(card).toHaveCount(0)
  await tap(page, 'More')
  await tap(page, 'Cards before and after a match')
  await page.keyboard.press('Escape')
  await expect(card).toBeVisible()
})

test('after: what was hard, a good word, and the cards counted back into the box', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'six-heaps', entries: [{ call: 'finish', why: 'tea' }] })
  await openDesk(page, match)
  const card = page.getByRole('region', { name: 'After the match' })
  await expect(card).toContainText('Which line did you overlook')
  await expect(card).toContainText('Count the cards: 40 must be there, four each of 1 to 10.')
  await tap(page, 'Put away')
  await expect(card).toHaveCount(0)
})
