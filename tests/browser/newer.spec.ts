import { createServer, request as ask, type Server } from 'node:http'
import { rmSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { PORT } from '../../playwright.config'
import { openDesk } from './helpers'
import { ownServer } from './server'

/** A server before which another one stands that hands out a newer service worker once it is told to. */
const server = ownServer(71)
const port = PORT + 72
let newer = false
let before: Server
test.beforeAll(async () => {
  await server.start()
  before = createServer((asked, answer) => {
    const { url: path, method } = asked
    const isWorker = path === '/sw.js' && newer
    const headers = { ...asked.headers }
    // As it is, and whole: one line is put before it.
    if (isWorker) {
      delete headers['accept-encoding']
      delete headers['if-none-match']
    }
    const on = ask(`${server.address}${path}`, { method, headers }, (got) => {
      if (isWorker) {
        delete got.headers['content-length']
        delete got.headers.etag
      }
      answer.writeHead(got.statusCode!, got.headers)
      if (isWorker) answer.write('// newer\n')
      got.pipe(answer)
    })
    on.on('error', () => answer.destroy())
    asked.pipe(on)
  })
  await new Promise<void>((listening) => before.listen(port, '127.0.0.1', listening))
})
test.afterAll(async () => {
  before.closeAllConnections()
  before.close()
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})

test('a newer version waits until it is taken, and says nothing at a desk', async ({ browser }) => {
  const context = await browser.newContext({ baseURL: `http://127.0.0.1:${port}`, serviceWorkers: 'allow' })
  const page = await context.newPage()
  const made = await server.post('/api/matches', { game: 'brim', seats: [{ name: 'Oar', pennant: 1 }], first: 1 })
  const { id } = (await made.json()) as { id: string }
  await page.goto('/')
  await page.evaluate(async () => void (await navigator.serviceWorker.ready))
  await page.reload()
  await page.evaluate(async () => void (await navigator.serviceWorker.ready))
  newer = true
  await openDesk(page, id)
  const waits = () => page.evaluate(async () => Boolean((await navigator.serviceWorker.getRegistration())?.waiting))
  await page.evaluate(async () => void (await (await navigator.serviceWorker.getRegistration())?.update()))
  await expect.poll(waits, { timeout: 30_000 }).toBe(true)
  await expect(page.getByText('A newer Nimble Tally is here')).toHaveCount(0)
  await page.goto('/')
  await expect(page.getByText('A newer Nimble Tally is here')).toBeVisible()
  await page.getByRole('button', { name: 'Take it' }).click()
  await expect(page.getByText('A newer Nimble Tally is here')).toHaveCount(0)
  await expect.poll(waits).toBe(false)
  await context.close()
})
