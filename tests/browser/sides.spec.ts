import { expect, test } from '@playwright/test'
import { append, axe, boardOf, entriesOf, makeMatch, pad, tap, tape } from './helpers'

test.use({ hasTouch: true })

const side = (page: import('@playwright/test').Page) => pad(page).getByRole('group', { name: 'Who of The class' })
const playing = (page: import('@playwright/test').Page) => side(page).getByRole('button').first()

test('a class against its referee: set up by touch, drawn by lot, the same after a reload, each fact its child’s', async ({
  page,
  request,
}) => {
  for (const name of ['Noor', 'Pelle', 'Saga', 'Tove']) await request.post('/api/people', { data: { name } })
  const { people } = (await (await request.get('/api/people')).json()) as { people: { id: string; name: string }[] }
  const today = people.filter(({ name }) => ['Noor', 'Pelle', 'Saga', 'Tove'].includes(name)).map(({ id }) => id)
  await page.addInitScript(
    (here) => localStorage.setItem('room', JSON.stringify({ here, wished: 3, tables: [], source: 'table' })),
    today,
  )
  await page.goto('/new?game=top-total')
  await tap(page, 'Class against its referee')
  await expect(page.getByLabel('Name of player 1')).toHaveValue('The class')
  await expect(page.getByLabel('Name of player 2')).toHaveValue('The referee')
  for (const name of ['Noor', 'Pelle', 'Saga', 'Tove'])
    await expect(page.getByText(name, { exact: true })).toBeVisible()
  await page
    .getByRole('radiogroup', { name: 'Who of The class is next' })
    .getByRole('radio', { name: 'Drawn by lot' })
    .tap()
  expect((await axe(page).include('[data-seats]').analyze()).violations).toEqual([])
  await tap(page, 'Start the match')
  await expect(page).toHaveURL(/\/match\//)
  const match = page.url().split('/').pop()!
  const drawn = await playing(page).innerText()
  await page.reload()
  await expect(playing(page)).toHaveText(drawn)
  const board = await page.context().newPage()
  await board.goto(await boardOf(request, match))
  await expect(board.locator('li[aria-current]')).toContainText(drawn)

  // Somebody else is called with a touch, and the board names that child.
  await tap(page, 'Somebody else')
  await expect(playing(page)).not.toHaveText(drawn)
  const called = await playing(page).innerText()
  await expect(board.locator('li[aria-current]')).toContainText(called)
  await page.keyboard.type('41')
  await tap(page, 'Record 5, said 5')
  await expect(tape(page)).toContainText(`${called} (The class) rolls`)
  const entries = (await entriesOf(request, match)) as { play: { by: number; who: number } }[]
  const members = ['Noor', 'Pelle', 'Saga', 'Tove']
  expect(members[entries[0]!.play.who - 1]).toBe(called)
  // What was practised is on that child's page, and on nobody else's.
  for (const { id, name } of people.filter((each) => members.includes(each.name))) {
    const { facts } = (await (await request.get(`/api/people/${id}/facts`)).json()) as { facts: object[] }
    expect(facts.length > 0, name).toBe(name === called)
    const { matches } = (await (await request.get(`/api/people/${id}`)).json()) as { matches: object[] }
    expect(matches).toHaveLength(1)
  }
  await board.close()
})

test('a side plays again with its members and their order', async ({ page, request }) => {
  const crew = { name: 'The crew', pennant: 1, members: ['Isak', 'Maja'], memberOrder: 'lot' }
  const made = await request.post('/api/matches', {
    data: { game: 'brim', first: 1, seats: [crew, { name: 'Odalys', pennant: 2 }] },
  })
  const { id } = (await made.json()) as { id: string }
  await request.patch(`/api/matches/${id}`, { data: { sides: [{ seat: 1, called: { who: 2, played: 0 } }] } })
  await append(request, id, 0, { call: 'finish' })
  await page.goto(`/match/${id}`)
  await tap(page, /^Play again/)
  await tap(page, /^Start/)
  await expect(page).not.toHaveURL(new RegExp(id))
  const again = page.url().split('/').pop()!
  const { seats } = (await (await request.get(`/api/matches/${again}`)).json()) as { seats: object[] }
  expect(seats[0]).toMatchObject({ ...crew, called: null })
})

test('half and half, with a list pasted into a side; a side without members is told', async ({ page }) => {
  await page.goto('/new?game=brim')
  await page.getByLabel('Name of player 1').fill('Ines')
  await page.getByLabel('Name of player 2').fill('Bao')
  await tap(page, 'Player 1 is a side')
  await expect(page.getByLabel('Name of player 1')).toHaveValue('Side 1')
  const members = page.getByRole('textbox', { name: 'Members of Side 1' })
  await members.fill('Wren, Kofi,')
  await expect(page.getByText('Kofi', { exact: true })).toBeVisible()
  await tap(page, 'Half and half')
  await expect(page.getByLabel('Name of player 1')).toHaveValue('Port')
  await expect(page.getByLabel('Name of player 2')).toHaveValue('Starboard')
  await tap(page, 'Player 2 is a side')
  await tap(page, 'Player 2 is a side')
  await page.getByRole('textbox', { name: 'Members of Side 2' }).press('Backspace')
  await page.getByRole('textbox', { name: 'Members of Side 2' }).press('Backspace')
  await tap(page, 'Start the match')
  await expect(page.getByRole('alert')).toContainText('Side 2 has no members yet')
})

test('forgetting a child takes the name out of a side', async ({ request }) => {
  const { id: child } = (await (await request.post('/api/people', { data: { name: 'Ebba' } })).json()) as { id: string }
  const made = await request.post('/api/matches', {
    data: {
      game: 'brim',
      first: 1,
      seats: [
        { name: 'The crew', pennant: 1, members: ['Ebba', 'Tomasz'] },
        { name: 'Odalys', pennant: 2 },
      ],
    },
  })
  const { id } = (await made.json()) as { id: string }
  await append(request, id, 0, { play: { do: 'roll', by: 1, dice: [1, 2, 3, 1, 1], who: 1 } })
  await request.delete(`/api/people/${child}`)
  expect(await (await request.get(`/api/matches/${id}`)).text()).not.toContain('Ebba')
})

test('whom to call is bounded: no side, no such member', async ({ request }) => {
  const match = await makeMatch(request)
  const call = (sides: object[]) => request.patch(`/api/matches/${match}`, { data: { sides } })
  expect((await call([{ seat: 1, called: { who: 1, played: 0 } }])).status()).toBe(422)
  expect((await call([{ seat: 9, memberOrder: 'lot' }])).status()).toBe(422)
  expect((await call([{ seat: 1, memberOrder: 'loud' }])).status()).toBe(422)
})
