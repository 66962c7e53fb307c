import { execFile } from 'node:child_process'
import { promisify } from 'node:util'
import { expect, test } from '@playwright/test'
import { ownCluster } from './cluster'
import { newFolder, ownServer } from './server'

const move = (from: string, to: string) =>
  promisify(execFile)('node', ['scripts/move.mjs', from, to]).then(
    ({ stdout }) => ({ code: 0, says: stdout }),
    (error: { code: number; stdout: string; stderr: string }) => ({
      code: error.code,
      says: error.stdout + error.stderr,
    }),
  )

test('a room goes from its folder into PostgreSQL and back into another folder, and is the same there', async () => {
  const server = ownServer(123)
  await server.start({ NIMBLE_DEMO: '1' })
  const { people } = await server.get<{ people: { id: string }[] }>('/api/people')
  // With everything that an archive may hold: classes, aims, a session that goes on, rules under a name.
  const changed = await fetch(`${server.address}/api/people/${people[0]!.id}`, {
    method: 'PATCH',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ classes: ['Herons', 'Library'] }),
  })
  expect(changed.status).toBe(200)
  await server.post('/api/house-rules', { game: 'brim', name: 'Ångström', houseRules: { limit: 21 } })
  const seats = ['Ines', 'Bao'].map((name, i) => ({ name, pennant: i + 1 }))
  await server.post('/api/room/tables', { tables: [{ game: 'brim', name: 'Jetty', seats, first: 1 }] })
  const before = await server.get<{ people: unknown[]; matches: unknown[] }>('/api/archive')
  expect(before.people).toContainEqual(expect.objectContaining({ classes: ['Herons', 'Library'] }))
  await server.stop()

  const cluster = await ownCluster()
  const folder = newFolder()
  try {
    for (const [from, to] of [
      [server.folder, cluster.url],
      [cluster.url, folder],
    ] as const) {
      const { code, says } = await move(from, to)
      expect([code, says]).toEqual([0, expect.stringContaining('Both archives are the same.')])
      expect(says).toContain(`Moved: ${before.matches.length} matches, ${before.people.length} people.`)
    }
    // What holds something already is left alone.
    expect(await move(server.folder, cluster.url)).toMatchObject({
      code: 2,
      says: expect.stringContaining('not empty'),
    })
    expect(await move('/no/such/folder', folder)).toMatchObject({ code: 2, says: expect.stringContaining('no folder') })
  } finally {
    await cluster.stop()
  }
})
