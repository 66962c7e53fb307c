import { spawn } from 'node:child_process'
import { expect, test } from '@playwright/test'
import { PORT } from '../../playwright.config'

/** Runs when DATABASE_URL names an empty PostgreSQL database: the same schema, the same answers. */
const url = process.env.DATABASE_URL
const address = `http://127.0.0.1:${PORT + 5}`

test.skip(!url, 'DATABASE_URL names no PostgreSQL server')

async function start() {
  const server = spawn('node', ['.output/server/index.mjs'], {
    env: { ...process.env, NITRO_HOST: '127.0.0.1', NITRO_PORT: String(PORT + 5), NIMBLE_DEMO: '0' },
    stdio: 'inherit',
  })
  await expect.poll(() => fetch(`${address}/api/health`).then((answer) => answer.ok, () => false), { timeout: 30_000 }).toBe(true)
  return () => new Promise((resolve) => server.once('exit', resolve).kill('SIGTERM'))
}

test('a match on a PostgreSQL server is recorded, and there again after a restart', async () => {
  const post = (path: string, body: unknown) =>
    fetch(address + path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
  let stop = await start()
  const seats = [{ name: 'Ines', pennant: 1 }]
  const { id } = (await (await post('/api/matches', { game: 'brim', seats, first: 1 })).json()) as { id: string }
  const entry = { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } }
  const recorded = await post(`/api/matches/${id}/entries`, { id: 'postgres-1', after: 0, entry })
  expect(await recorded.json()).toMatchObject({ number: 1, stands: true })
  expect((await post(`/api/matches/${id}/entries`, { id: 'postgres-2', after: 0, entry })).status).toBe(409)
  await stop()
  stop = await start()
  const match = (await (await fetch(`${address}/api/matches/${id}`)).json()) as { entries: { entry: unknown }[] }
  expect(match.entries.map((stored) => stored.entry)).toEqual([entry])
  await fetch(`${address}/api/matches/${id}`, { method: 'DELETE' })
  await stop()
})
