import { rmSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { openDesk, score, tape } from './helpers'
import { ownServer } from './server'

/** The real thing: the server is killed, the page reloaded, and the server started again. */
const server = ownServer(9)
test.describe.configure({ mode: 'serial' })
test.beforeAll(() => server.start())
test.afterAll(async () => {
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})

const seats = [
  { name: 'Ines', pennant: 1 },
  { name: 'Tomasz', pennant: 2 },
]
const newMatch = async () =>
  ((await (await server.post('/api/matches', { game: 'brim', seats, first: 1 })).json()) as { id: string }).id
const recorded = async (id: string) =>
  (
    (await (await fetch(`${server.address}/api/matches/${id}`)).json()) as { entries: { entry: unknown }[] }
  ).entries.map(({ entry }) => entry)

test('the desk is reloaded while the server is gone, goes on, and sends everything once it is back', async ({
  browser,
}) => {
  test.setTimeout(120_000)
  const context = await browser.newContext({ baseURL: server.address, serviceWorkers: 'allow' })
  const page = await context.newPage()
  const id = await newMatch()
  await openDesk(page, id)
  await page.keyboard.type('65431')
  await page.keyboard.press('Enter')
  await expect.poll(() => recorded(id)).toHaveLength(1)
  // The page's own files are kept once the worker has the page in hand.
  await page.evaluate(async () => void (await navigator.serviceWorker.ready))
  await page.reload()
  await expect(tape(page).getByText('Ines rolls 6 5 4 3 1')).toBeVisible()

  await server.stop('SIGKILL')
  await page.keyboard.press('s')
  await expect(page.getByText('1 waiting')).toBeVisible()
  await page.reload()
  await expect(score(page, 1)).toContainText('19')
  await expect(tape(page).getByText('waiting to be sent')).toHaveCount(1)
  await page.keyboard.type('11111')
  await page.keyboard.press('Enter')
  await expect(page.getByText('2 waiting')).toBeVisible()
  await page.reload()
  await expect(page.getByText('2 waiting')).toBeVisible()
  // What is rarely needed works too: its files were kept as well.
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.press('Escape')

  await server.start()
  await expect
    .poll(() => recorded(id), { timeout: 30_000 })
    .toEqual([
      { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } },
      { play: { do: 'stop', by: 1, said: 19 } },
      { play: { do: 'roll', by: 2, dice: [1, 1, 1, 1, 1] } },
    ])
  await expect(tape(page).getByText('waiting to be sent')).toHaveCount(0)
  await context.close()
})

test('a match that was deleted leaves nothing behind on the device', async ({ browser }) => {
  const context = await browser.newContext({ baseURL: server.address, serviceWorkers: 'allow' })
  const page = await context.newPage()
  const id = await newMatch()
  await openDesk(page, id)
  const kept = () =>
    page.evaluate(
      () =>
        new Promise<number>((resolve) => {
          const open = indexedDB.open('nimble-tally-copies')
          open.onsuccess = () => {
            const count = open.result.transaction('matches').objectStore('matches').count()
            count.onsuccess = () => {
              open.result.close()
              resolve(count.result)
            }
          }
        }),
    )
  await expect.poll(kept).toBe(1)
  await fetch(`${server.address}/api/matches/${id}`, { method: 'DELETE' })
  await expect(page.getByText('This match was deleted.')).toBeVisible()
  await expect.poll(kept).toBe(0)
  await context.close()
})
