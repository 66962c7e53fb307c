import { expect, test } from '@playwright/test'
import { ownServer } from './server'

/** Runs when DATABASE_URL names an empty PostgreSQL database: the same schema, the same answers. */
test.skip(!process.env.DATABASE_URL, 'DATABASE_URL names no PostgreSQL server')

test('a match on a PostgreSQL server is recorded, and there again after a restart', async () => {
  const server = ownServer(5)
  const { post, address } = server
  await server.start()
  const seats = [{ name: 'Ines', pennant: 1 }]
  const { id } = (await (await post('/api/matches', { game: 'brim', seats, first: 1 })).json()) as { id: string }
  const entry = { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } }
  const recorded = await post(`/api/matches/${id}/entries`, { id: 'postgres-1', after: 0, entry })
  expect(await recorded.json()).toMatchObject({ number: 1, stands: true })
  expect((await post(`/api/matches/${id}/entries`, { id: 'postgres-2', after: 0, entry })).status).toBe(409)
  await server.stop()
  await server.start()
  const match = (await (await fetch(`${address}/api/matches/${id}`)).json()) as { entries: { entry: unknown }[] }
  expect(match.entries.map((stored) => stored.entry)).toEqual([entry])
  await fetch(`${address}/api/matches/${id}`, { method: 'DELETE' })
  await server.stop()
})
