import { expect, test } from '@playwright/test'
import { boardOf, follow, makeMatch, openDesk, play, tap } from './helpers'

test.use({ hasTouch: true })

/** What single games draw beside the usual. */
test('the numbers of the line are left blank on desk and board, and stay so; start and goal are told', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, { game: 'exact-landing' })
  await openDesk(page, match)
  const line = page.getByRole('region', { name: 'Table' }).getByRole('img', { name: /^Number line/ })
  await expect(line.locator('text').filter({ hasText: /^7$/ })).toHaveCount(1)
  await page.getByRole('switch', { name: 'Leave the numbers blank' }).click()
  await expect(line.locator('text').filter({ hasText: /^7$/ })).toHaveCount(0)
  for (const told of [/^5$/, /^10$/]) await expect(line.locator('text').filter({ hasText: told })).toHaveCount(1)
  await page.reload()
  await expect(line.locator('text').filter({ hasText: /^7$/ })).toHaveCount(0)
  await page.goto(await boardOf(request, match))
  await expect(line.locator('text').filter({ hasText: /^7$/ })).toHaveCount(0)
  // Nothing is operated on a board: it follows the desk on this device.
  await openDesk(page, match)
  await page.getByRole('switch', { name: 'Leave the numbers blank' }).click()
  await page.goto(await boardOf(request, match))
  await expect(line.locator('text').filter({ hasText: /^7$/ })).toHaveCount(1)
})

test('the cover is on until it is lifted on purpose, and the board never gets what lies under it', async ({
  page,
  request,
}) => {
  const entries = [play({ do: 'hide', by: 1, parts: [5, 3], covered: 1, announced: 8 })]
  const match = await makeMatch(request, { game: 'covered-part', entries })
  await openDesk(page, match)
  const table = page.getByRole('region', { name: 'Table' })
  await expect(table).toContainText('? + 3 = 8')
  await tap(page, 'Look under the cover')
  await expect(table).toContainText('5 + 3 = 8')
  await tap(page, 'Cover it again')
  await expect(table).toContainText('? + 3 = 8')
  const address = await boardOf(request, match)
  const sent = await (await request.get(`/api/boards/${address.split('/').at(-1)}`)).text()
  expect(JSON.parse(sent)).toMatchObject({ view: { hidden: { shown: 3, total: 8 } } })
  expect(sent).not.toContain('"parts"')
})

test('in a race two are entered at once: what one records leaves the other’s roll and wrong figures alone', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, {
    game: 'table-ladder',
    houseRules: { order: 'race', answers: 'noted', factors: [6, 7], rungs: 3 },
  })
  await openDesk(page, match)
  const part = (name: string) => page.getByRole('region', { name: `Part of ${name}` })
  await follow(page, [{ tap: 'Ines rolled a 7' }, { tap: 'Tomasz rolled a 8' }])
  await part('Tomasz').getByRole('button', { name: 'Figure 5' }).tap()
  await part('Ines')
    .getByRole('button', { name: /42, said 42/ })
    .tap()
  await follow(page, [{ score: [1, '1'] }])
  await part('Tomasz').getByRole('button', { name: 'Figure 4' }).tap()
  await part('Tomasz')
    .getByRole('button', { name: /56, said 54/ })
    .tap()
  await follow(page, [{ score: [2, '1'] }, { tape: 'Tomasz rolls 8: 7 × 8, and says 54' }])
})
