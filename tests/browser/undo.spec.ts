import { PGlite } from '@electric-sql/pglite'
import { join } from 'node:path'
import { expect, test } from '@playwright/test'
import { ownCluster } from './cluster'
import { tap } from './helpers'
import { ownServer } from './server'

/** What was deleted, merged or forgotten is as it was before once that is taken back: seen in the archive, on both databases. */
test.use({ hasTouch: true })

interface Archive {
  readonly people: readonly { readonly id: string; readonly name: string }[]
  readonly matches: readonly { readonly id: string }[]
}
type Server = ReturnType<typeof ownServer>

const archive = async (server: Server) => {
  const { people, matches } = await server.get<Archive>('/api/archive')
  const byId = <T extends { id: string }>(all: readonly T[]) => [...all].sort((a, b) => a.id.localeCompare(b.id))
  return { people: byId(people), matches: byId(matches) }
}
const call = async <T>(server: Server, method: string, path: string, body?: object): Promise<T> => {
  const answer = await fetch(server.address + path, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body ? { body: JSON.stringify(body) } : {}),
  })
  expect([path, answer.status]).toEqual([path, answer.status < 300 ? answer.status : 'refused'])
  return (await answer.json()) as T
}

/** Ines and Inez at a table with a remark that names one, a side with Inez among its members, and answers of both. */
async function settle(server: Server) {
  const person = async (name: string) => (await call<{ id: string }>(server, 'POST', '/api/people', { name })).id
  const [ines, inez] = [await person('Ines'), await person('Inez')]
  const make = async (seats: object[], name: string) =>
    (await call<{ id: string }>(server, 'POST', '/api/matches', { game: 'top-total', name, seats, first: 1 })).id
  const match = await make(
    [
      { name: 'Ines', pennant: 1, personId: ines },
      { name: 'Inez', pennant: 2, personId: inez },
    ],
    'Inez and co',
  )
  const entries = [
    { play: { do: 'roll', by: 1, dice: [6, 5], said: 11 } },
    { play: { do: 'roll', by: 2, dice: [1, 2], said: 4 } },
    { call: 'note', why: 'Inez counted aloud' },
  ]
  for (const [after, entry] of entries.entries())
    await call(server, 'POST', `/api/matches/${match}/entries`, { id: `settle-${after}`, after, entry })
  const typed = await make(
    [
      { name: 'INEZ', pennant: 1 },
      { name: 'Bao', pennant: 2 },
    ],
    'Buoy',
  )
  return { ines, inez, match, typed }
}
type Settled = Awaited<ReturnType<typeof settle>>

const ACTS: readonly (readonly [string, (server: Server, at: Settled) => Promise<{ undo: string }>])[] = [
  ['a match deleted', (server, { match }) => call(server, 'DELETE', `/api/matches/${match}`)],
  ['two merged', (server, { inez }) => call(server, 'PATCH', `/api/people/${inez}`, { name: 'Ines', merge: true })],
  ['somebody forgotten', (server, { inez }) => call(server, 'DELETE', `/api/people/${inez}`)],
]

for (const [database, nth] of [
  ['PGlite', 50],
  ['PostgreSQL', 51],
] as const)
  test(`${database}: each of them is taken back, once, and nothing of it is left behind`, async () => {
    test.slow()
    const cluster = database === 'PostgreSQL' ? await ownCluster() : null
    const server = ownServer(nth)
    try {
      await server.start(cluster ? { DATABASE_URL: cluster.url } : {})
      const at = await settle(server)
      const before = await archive(server)
      for (const [what, act] of ACTS) {
        const { undo } = await act(server, at)
        expect([what, await archive(server)]).not.toEqual([what, before])
        await call(server, 'POST', `/api/undo/${undo}`)
        expect([what, await archive(server)]).toEqual([what, before])
        expect((await server.post(`/api/undo/${undo}`, {})).status).toBe(404)
      }
      // What names somebody who is forgotten can’t come back by another way.
      const { undo } = await call<{ undo: string }>(server, 'DELETE', `/api/matches/${at.match}`)
      await call(server, 'DELETE', `/api/people/${at.inez}`)
      expect((await server.post(`/api/undo/${undo}`, {})).status).toBe(404)
      const { undoables } = await server.get<{ undoables: { kind: string }[] }>('/api/undo')
      expect(undoables.map(({ kind }) => kind)).toEqual(['forget'])
      // Nor does a sentence name them: of the one whom another was merged into.
      const bao = (await call<{ id: string }>(server, 'POST', '/api/people', { name: 'Bao' })).id
      await call(server, 'PATCH', `/api/people/${bao}`, { name: 'Ines', merge: true })
      await call(server, 'DELETE', `/api/people/${at.ines}`)
      const left = (await server.get<{ undoables: { kind: string }[] }>('/api/undo')).undoables
      expect(left.map(({ kind }) => kind)).toEqual(['forget', 'forget'])
    } finally {
      await server.stop()
      await cluster?.stop()
    }
  })

test('a day later it is final: nothing of what was forgotten is kept', async () => {
  const server = ownServer(52)
  await server.start()
  const at = await settle(server)
  const { undo } = await call<{ undo: string }>(server, 'DELETE', `/api/people/${at.inez}`)
  await server.stop()
  const database = await PGlite.create(join(server.folder, 'pgdata'))
  await database.query(`update undoables set at = now() - interval '25 hours'`)
  await database.close()
  await server.start()
  expect((await server.get<{ undoables: object[] }>('/api/undo')).undoables).toEqual([])
  expect((await server.post(`/api/undo/${undo}`, {})).status).toBe(404)
  await server.stop()
  const after = await PGlite.create(join(server.folder, 'pgdata'))
  const { rows } = await after.query<{ n: number }>('select count(*)::int as n from undoables')
  expect(rows[0]!.n).toBe(0)
  await after.close()
})

test('by touch: beside what was done, and later from the page Keep; a backup is there from before', async ({
  page,
}) => {
  const server = ownServer(53)
  await server.start()
  const at = await settle(server)
  await page.goto(`${server.address}/`)
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Inez and co' })
    .getByRole('button', { name: /^Delete this match/ })
    .tap()
  await tap(page, 'Delete it')
  await expect(page.getByText('Inez and co is deleted.', { exact: true })).toBeVisible()
  await tap(page, 'Undo')
  await expect(page.getByRole('listitem').filter({ hasText: 'Inez and co' })).toBeVisible()
  await page.goto(`${server.address}/people/${at.inez}`)
  await tap(page, 'Forget …')
  await page.getByRole('dialog').getByRole('button', { name: 'Forget', exact: true }).tap()
  await expect(page.getByText('Forgotten: 1 person')).toBeVisible()
  await page.goto(`${server.address}/keep`)
  await tap(page, 'Take back: Inez was forgotten')
  await expect(page.getByText('Nothing of the last day.')).toBeVisible()
  expect((await archive(server)).people.map(({ name }) => name).sort()).toEqual(['Ines', 'Inez'])
  const { backups } = await server.get<{ backups: object[] }>('/api/backups')
  expect(backups.length).toBeGreaterThan(0)
  await server.stop()
})
