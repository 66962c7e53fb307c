import { spawn } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from '@playwright/test'
import { PORT } from '../../playwright.config'
import { score } from './helpers'

// Nothing else runs what `npm run dev` does: a newer bundler once broke it for weeks, and nobody saw.
test('whoever works on it gets pages and server from the sources, and is asked for no passcode', async ({
  browser,
}) => {
  test.setTimeout(600_000)
  const address = `http://localhost:${PORT + 131}`
  const NIMBLE_DATA = mkdtempSync(join(tmpdir(), 'nimble-dev-'))
  const { NODE_ENV: _, ...env } = process.env
  let told = ''
  // A group of its own: it starts others, which are stopped with it.
  const dev = spawn(process.execPath, ['node_modules/nuxt/bin/nuxt.mjs', 'dev', '--port', String(PORT + 131)], {
    env: { ...env, NIMBLE_DATA },
    detached: true,
  })
  for (const stream of [dev.stdout, dev.stderr]) stream.on('data', (chunk: Buffer) => (told += chunk.toString()))
  const context = await browser.newContext({ baseURL: address, hasTouch: true })
  try {
    const seats = ['Ines', 'Tomasz'].map((name, i) => ({ name, pennant: i + 1 }))
    const match = { game: 'hundred-stops', name: '', houseRules: {}, seats, first: 1, source: 'table', seed: null }
    const makes = () =>
      context.request.post('/api/matches', { data: { ...match, opening: null } }).then(
        (answer) => answer.status(),
        () => 0,
      )
    await expect.poll(makes, { timeout: 240_000, intervals: [1000] }).toBe(201)
    const page = await context.newPage()
    const made = (await (await context.request.get('/api/matches')).json()) as { matches: { id: string }[] }
    await page.goto(`/match/${made.matches[0]!.id}`)
    // Hundreds of modules, each read and sent by itself.
    await expect(score(page, 1)).toBeVisible({ timeout: 240_000 })
  } catch (error) {
    throw new Error(`${String(error)}\nIt said:\n${told.slice(-4000)}`, { cause: error })
  } finally {
    await context.close()
    process.kill(-dev.pid!, 'SIGKILL')
  }
})
