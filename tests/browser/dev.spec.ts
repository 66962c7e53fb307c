import { spawn } from 'node:child_process'
import { expect, test } from '@playwright/test'
import { PORT } from '../../playwright.config'
import { makeMatch, score } from './helpers'
import { newFolder } from './server'

// Nothing else runs what `npm run dev` does: it was broken once, and nobody saw.
test('whoever works on it gets pages and server from the sources, and is asked for no passcode', async ({
  browser,
}) => {
  test.setTimeout(600_000)
  const address = `http://localhost:${PORT + 131}`
  const { NODE_ENV: _, ...env } = process.env
  let told = ''
  // A group of its own: it starts others, which are stopped with it.
  const dev = spawn(process.execPath, ['node_modules/nuxt/bin/nuxt.mjs', 'dev', '--port', String(PORT + 131)], {
    env: { ...env, NIMBLE_DATA: newFolder() },
    detached: true,
  })
  for (const stream of [dev.stdout, dev.stderr]) stream.on('data', (chunk: Buffer) => (told += chunk.toString()))
  const context = await browser.newContext({ baseURL: address })
  try {
    let match = ''
    await expect(async () => (match = await makeMatch(context.request))).toPass({ timeout: 240_000, intervals: [1000] })
    const page = await context.newPage()
    await page.goto(`/match/${match}`)
    // Hundreds of modules, each read and sent by itself.
    await expect(score(page, 1)).toBeVisible({ timeout: 240_000 })
  } catch (error) {
    throw new Error(`${String(error)}\nIt said:\n${told.slice(-4000)}`, { cause: error })
  } finally {
    await context.close()
    process.kill(-dev.pid!, 'SIGKILL')
  }
})
