import { expect, test } from '@playwright/test'
import { append, makeMatch, openDesk, score, tape } from './helpers'

const ROOF = [[4], [6, 5], [3, 7, 8]]
const seats = [
  { name: 'Ines', pennant: 1 },
  { name: 'Tomasz', pennant: 2 },
]

test('the app lays out the roofs of a dealt match; the same seed lays the same', async ({ request }) => {
  const opening = async (seed: string) => {
    const id = await makeMatch(request, { game: 'roof-tiles', source: 'dealt', seed })
    return (await (await request.get(`/api/matches/${id}`)).json()).opening as { layouts: number[][][] }
  }
  const one = await opening('slate')
  expect(one.layouts.map((rows) => rows.map((row) => row.length))).toEqual([
    [1, 2, 3, 4, 5, 6],
    [1, 2, 3, 4, 5, 6],
  ])
  expect(await opening('slate')).toEqual(one)
  expect(await opening('shed')).not.toEqual(one)
})

test('a dealt match without a seed gets one', async ({ request }) => {
  const id = await makeMatch(request, { game: 'ask-for-rest', source: 'dealt' })
  expect((await (await request.get(`/api/matches/${id}`)).json()).seed).toMatch(/^2~[\w-]{10}$/)
})

for (const [what, opening, path] of [
  ['none', null, 'opening'],
  ['one roof for two', { layouts: [ROOF] }, 'opening.layouts'],
  ['a row too short', { layouts: [ROOF, [[4], [6], [3, 7, 8]]] }, 'opening.layouts.1.1'],
  ['a card that isn’t in the pack', { layouts: [ROOF, [[4], [6, 5], [3, 7, 80]]] }, 'opening.layouts.1'],
] as const)
  test(`an opening that doesn’t fit is refused: ${what}`, async ({ request }) => {
    const answer = await request.post('/api/matches', {
      data: { game: 'roof-tiles', houseRules: { rows: 3 }, seats, first: 1, opening },
    })
    const { code, path: where, id } = await answer.json()
    expect([answer.status(), code, where, id]).toEqual([422, 'bad-opening', path, undefined])
  })

test('two adults, each at one roof: both see both, and nobody overwrites', async ({ page, context, request }) => {
  const match = await makeMatch(request, {
    game: 'roof-tiles',
    houseRules: { rows: 3 },
    opening: { layouts: [ROOF, ROOF] },
  })
  const other = await context.newPage()
  await openDesk(page, match)
  await openDesk(other, match)
  await other.getByRole('button', { name: 'Go to the roof of Tomasz' }).click()
  await page.getByRole('button', { name: 'Tile 3.1: 3' }).click()
  await page.getByRole('button', { name: 'Tile 3.2: 7' }).click()
  await expect(score(other, 1)).toContainText('23')
  await other.getByRole('button', { name: 'Tile 3.1: 3' }).click()
  await other.getByRole('button', { name: 'Tile 3.2: 7' }).click()
  await expect(score(page, 2)).toContainText('23')
  await expect(tape(page)).toContainText('Tomasz takes 3 and 7')
})

test('what is half entered stays when another device records', async ({ page, request }) => {
  const match = await makeMatch(request, { game: 'hundred-stops' })
  await openDesk(page, match)
  await page.keyboard.type('5')
  await append(request, match, 0, { call: 'note', why: 'the ferry is late' })
  await expect(tape(page)).toContainText('the ferry is late')
  await page.keyboard.type('51')
  await expect(page.getByRole('button', { name: /^Hop 100/ })).toBeVisible()
})
