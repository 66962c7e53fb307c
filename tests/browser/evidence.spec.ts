import { PGlite } from '@electric-sql/pglite'
import { expect, test } from '@playwright/test'
import { join } from 'node:path'
import postgres from 'postgres'
import { ownCluster } from './cluster'
import { ownServer } from './server'

/** Facts of a version that did not know what they rest on are read anew from the tapes at the next start. */
for (const [database, nth] of [
  ['PGlite', 94],
  ['PostgreSQL', 97],
] as const)
  test(`${database}: what was practised is read anew after an update`, async () => {
    test.slow()
    const server = ownServer(nth)
    const cluster = database === 'PostgreSQL' ? await ownCluster() : null
    const env: Readonly<Record<string, string>> = cluster ? { DATABASE_URL: cluster.url } : {}
    try {
      await server.start(env)
      const { id } = (await (await server.post('/api/people', { name: 'Wren' })).json()) as { id: string }
      const roll = (by: number, dice: number[], told: object) => ({ play: { do: 'roll', by, dice, ...told } })
      const made = await server.post('/api/matches', {
        game: 'top-total',
        houseRules: {},
        seats: [
          { name: 'Wren', pennant: 1, personId: id },
          { name: 'Kofi', pennant: 2, personId: null },
        ],
        first: 1,
        source: 'table',
        seed: null,
        opening: null,
      })
      expect(made.status).toBe(201)
      const { id: match } = (await made.json()) as { id: string }
      const entries = [
        roll(1, [6, 5], { said: 11 }),
        roll(2, [1, 2], {}),
        roll(1, [4, 3], { explained: true, how: 'near-double' }),
        roll(2, [1, 1], {}),
        roll(1, [2, 6], {}),
      ]
      for (const [after, entry] of entries.entries())
        expect((await server.post(`/api/matches/${match}/entries`, { id: `evidence-${after}`, after, entry })).ok).toBe(
          true,
        )
      const rests = async () =>
        (await server.get<{ facts: { evidence: string }[] }>(`/api/people/${id}/facts?limit=100`)).facts.map(
          ({ evidence }) => evidence,
        )
      expect(await rests()).toEqual(['met', 'explained', 'said'])
      await server.stop()
      // As an older version left them.
      const older = `update facts set evidence = null`
      if (cluster) {
        const client = postgres(cluster.url)
        await client.unsafe(older)
        await client.end()
      } else {
        const client = await PGlite.create(join(server.folder, 'pgdata'))
        await client.exec(older)
        await client.close()
      }
      await server.start(env)
      await expect.poll(rests).toEqual(['met', 'explained', 'said'])
      expect(server.told()).toContain('What was practised is read anew: 1 of 1 matches.')
    } finally {
      await server.stop()
      await cluster?.stop()
    }
  })
