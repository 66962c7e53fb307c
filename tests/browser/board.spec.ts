import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { append, makeMatch, openDesk, score } from './helpers'

const roll = { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } }
const stop = { play: { do: 'stop', by: 1, said: 19 } }

test('the board follows the desk, shows the last play drawn, and announces', async ({ page, request, context }) => {
  const match = await makeMatch(request, { entries: [roll], houseRules: { rounds: 1 } })
  await openDesk(page, match)
  await page.keyboard.press('b')
  const link = await page.getByTestId('link').textContent()
  // On this machine alone no other device could follow a code.
  await expect(page.getByRole('status').filter({ hasText: 'Other devices can’t reach' })).toBeVisible()
  await expect(page.getByRole('img', { name: 'Code with the link' })).toHaveCount(0)
  const board = await context.newPage()
  await board.goto(new URL(link!).pathname)
  await expect(board.getByRole('heading', { level: 1 })).toHaveText('Brim')
  await expect(board.getByRole('region', { name: 'Last play' })).toContainText('Ines rolls 6 5 4 3 1')
  // The sum is the child's to say first; who wishes sees it at once.
  await expect(board.getByText('19')).toHaveCount(0)
  await board.getByRole('button', { name: 'Show sums at once' }).click()
  await expect(board.getByRole('img', { name: /Ten-frames: 6 \+ 5/ })).toBeVisible()
  await board.getByRole('button', { name: 'Sums are shown at once' }).click()
  await expect(board.getByText('= 19')).toHaveCount(0)
  await expect(board.locator('li[aria-current]')).toContainText('Ines')
  await append(request, match, 1, stop)
  await expect(score(board, 1)).toContainText('19')
  await expect(board.locator('li[aria-current]')).toContainText('Tomasz')
  const { violations } = await new AxeBuilder({ page: board }).analyze()
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]!.html}`)).toEqual([])
  await append(request, match, 2, { call: 'finish' })
  await expect(board.getByRole('region', { name: 'Announcement' })).toContainText('Ines wins')
})

test('slips and remarks stay on the desk', async ({ request }) => {
  const match = await makeMatch(request, {
    entries: [roll, { play: { do: 'stop', by: 2 } }, { call: 'note', why: 'Kofi was upset' }],
  })
  const { board } = await (await request.get(`/api/matches/${match}`)).json()
  const shown = await (await request.get(`/api/boards/${board}`)).text()
  expect(shown).not.toContain('Kofi')
  expect(JSON.parse(shown).newest.says).toBe('Ines rolls 6 5 4 3 1')
})

test('a new link cuts off the old one', async ({ page, request }) => {
  const match = await makeMatch(request)
  const { board } = await (await request.get(`/api/matches/${match}`)).json()
  await page.goto(`/board/${board}`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Brim')
  const renewed = await (await request.post(`/api/matches/${match}/board`)).json()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No board here')
  expect((await request.get(`/api/boards/${board}`)).status()).toBe(404)
  expect((await request.get(`/api/boards/${renewed.board}`)).ok()).toBe(true)
})

test('a link that is renewed before the board follows by it is cut off too', async ({ page, request }) => {
  const match = await makeMatch(request)
  const { board } = await (await request.get(`/api/matches/${match}`)).json()
  let renew = () => {}
  const renewed = new Promise<void>((resolve) => (renew = resolve))
  await page.route('**/api/boards/*/live', async (route) => {
    await renewed
    await route.continue()
  })
  await page.goto(`/board/${board}`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Brim')
  await request.post(`/api/matches/${match}/board`)
  renew()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No board here')
})

test('a board says when it is out of date, and comes back by itself', async ({ page, request }) => {
  const match = await makeMatch(request)
  const { board } = await (await request.get(`/api/matches/${match}`)).json()
  await page.route('**/api/boards/*/live', (route) => route.abort())
  await page.goto(`/board/${board}`)
  await expect(page.getByText('Out of date')).toBeVisible()
  await append(request, match, 0, roll)
  await page.unroute('**/api/boards/*/live')
  await expect(page.getByText('Out of date')).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Last play' })).toContainText('Ines rolls')
})
