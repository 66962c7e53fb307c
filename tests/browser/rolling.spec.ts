import { expect, test } from '@playwright/test'
import postgres from 'postgres'
import { ownCluster } from './cluster'
import { nextVersion } from './nextVersion'
import { ownServer } from './server'

/** A rolling restart with a migration between: for a while this version and the next one serve the same database. */
const MIGRATION = `
ALTER TABLE "matches" ADD COLUMN "weather" text;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "boat" integer DEFAULT 7 NOT NULL;--> statement-breakpoint
CREATE TABLE "tides" ("id" text PRIMARY KEY NOT NULL);--> statement-breakpoint
CREATE INDEX "matches_by_weather" ON "matches" ("room","weather");`

test('this version and the next one, with a migration between, serve side by side; nothing is lost or doubled', async () => {
  const cluster = await ownCluster()
  const env = { DATABASE_URL: cluster.url }
  const [first, second] = [ownServer(126), ownServer(127)]
  await Promise.all([first.start(env), second.start(env)])
  const seats = ['Ines', 'Tomasz'].map((name, i) => ({ name, pennant: i + 1 }))
  async function made(at: typeof first): Promise<string> {
    const answer = await at.post('/api/matches', { game: 'exact-landing', seats, first: 1 })
    return ((await answer.json()) as { id: string }).id
  }
  const match = await made(first)

  // Somebody records without a pause, at whichever server answers, while both are stopped and started in turn.
  const acknowledged: string[] = []
  let going = true
  async function recordAtEither(): Promise<void> {
    while (going) {
      const n = acknowledged.length
      const entry = { id: `rolling-${n}`, after: n, entry: { call: 'note', why: `the ferry is in, ${n}` } }
      const at = n % 2 ? second : first
      const other = n % 2 ? first : second
      for (const server of [at, other, at, other]) {
        const answer = await server.post(`/api/matches/${match}/entries`, entry).catch(() => null)
        if (!answer?.ok) {
          // A server that is about to go says that it can't; whatever else it says would be a fault.
          expect([undefined, 503]).toContain(answer?.status)
          continue
        }
        acknowledged.push(entry.id)
        break
      }
    }
  }
  const recording = recordAtEither()
  const some = async (more: number) => {
    const want = acknowledged.length + more
    await expect.poll(() => acknowledged.length).toBeGreaterThanOrEqual(want)
  }
  await some(20)
  await second.stop()
  const next = ownServer(127, { build: nextVersion(MIGRATION) })
  await next.start(env)
  await some(40)
  // Each records in what the other made, and reads it.
  for (const [at, other] of [
    [first, next],
    [next, first],
  ] as const) {
    const id = await made(at)
    await other.post(`/api/matches/${id}/entries`, { id: `r-${id}`, after: 0, entry: { call: 'note', why: 'in' } })
    expect(await at.get(`/api/matches/${id}`)).toMatchObject({ id, entries: [{ id: `r-${id}` }] })
    expect((await at.post('/api/people', { name: at === first ? 'Bao' : 'Wren' })).status).toBeLessThan(300)
    expect(JSON.stringify(await other.get('/api/people'))).toContain(at === first ? 'Bao' : 'Wren')
  }
  // Should the new version be taken back, this one starts on what it left.
  await first.stop()
  await some(10)
  await first.start(env)
  await some(20)
  await next.stop()
  await some(10)
  going = false
  await recording

  const { entries } = await first.get<{ entries: { id: string }[] }>(`/api/matches/${match}`)
  expect(entries.map(({ id }) => id)).toEqual(acknowledged)
  const database = postgres(cluster.url, { max: 1 })
  expect(
    (await database`select tag from applied_migrations where tag like '9999%'`).map(({ tag }) => tag as string),
  ).toEqual(['9999_next'])
  await database.end()
  await first.stop()
  await cluster.stop()
})
