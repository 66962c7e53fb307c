import { expect, test, type Page } from '@playwright/test'
import { makeMatch, openDesk, play, tap, visit } from './helpers'

/** What a device keeps may be left by an older version, or by somebody's hand: it is as good as nothing then, wherever it is read. */
test.use({ hasTouch: true })
const PAGES = ['/', '/new?game=brim', '/room', '/people', '/lab', '/workshop', '/referee/brim', '/print/brim', '/ways']
const JUNK = ['{', 'null', '[7]', '{"at":"long ago","entry":7,"typed":3,"question":4,"name":9}', 'sea']

/** Puts junk under every name that the device keeps something under, but the one that a package of others reads by itself. */
const overwrite = (page: Page, junk: string) =>
  page.evaluate((text) => {
    const names: string[] = []
    for (const store of [localStorage, sessionStorage])
      for (const name of Object.keys(store).filter((each) => each !== 'nuxt-color-mode')) {
        store.setItem(name, text)
        names.push(name)
      }
    return names
  }, junk)

test('what a device keeps that is not as it should be is passed over, on every page and at a desk', async ({
  page,
  request,
}) => {
  const wrong: string[] = []
  page.on('pageerror', (error) => wrong.push(`${new URL(page.url()).pathname}: ${error.message}`))
  const roll = play({ do: 'roll', by: 1, dice: [6, 5, 4, 4, 2] })
  const [match, other] = [await makeMatch(request, { entries: [roll] }), await makeMatch(request)]
  await request.patch(`/api/matches/${match}`, { data: { veiled: true } })
  const person = (await (await request.post('/api/people', { data: { name: 'Wren of the jetty' } })).json()) as {
    id: string
  }
  const paths = [...PAGES, `/people/${person.id}`, `/match/${match}`, `/match/${other}`]
  const look = async (path: string) => {
    await visit(page, path)
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
    await expect(page.locator('[aria-busy="true"]')).toHaveCount(0)
  }
  await page.goto('/people')
  await page.getByLabel('New name').fill('Kofi')
  for (const path of paths) await look(path)
  // Half entered at one table, half answered at another.
  await openDesk(page, match)
  await tap(page, 'Figure 2')
  await openDesk(page, other)
  await tap(page, 'Rolled a 6')
  for (const junk of JUNK) {
    const names = await overwrite(page, junk)
    expect(names).toEqual(expect.arrayContaining([`said-${match}`, `half-${other}`, 'last-setup', 'new-name', 'room']))
    await page.goto('/people')
    await expect(page.getByLabel('New name')).toHaveValue('')
    for (const path of paths) await look(path)
    expect([junk, wrong]).toEqual([junk, []])
  }
})
