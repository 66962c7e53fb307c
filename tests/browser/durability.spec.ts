import { rmSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { ownServer } from './server'

/** Three kills in every run; KILLS=60 for a long one. */
const KILLS = Number(process.env.KILLS ?? 3)

test(`an acknowledged entry survives kill -9, ${KILLS} times over`, async () => {
  test.setTimeout(60_000 + 15_000 * KILLS)
  const server = ownServer(1)
  await server.start()
  const seats = [{ name: 'Ines', pennant: 1 }]
  const { id } = (await (await server.post('/api/matches', { game: 'brim', seats, first: 1, houseRules: { rounds: 50 } })).json()) as { id: string }
  const acknowledged: string[] = []
  for (let kill = 1; kill <= KILLS; kill++) {
    let posting = true
    const loop = (async () => {
      while (posting) {
        const name = `kill-${kill}-${acknowledged.length}`
        const answer = await server
          .post(`/api/matches/${id}/entries`, { id: name, after: acknowledged.length, entry: { call: 'note', why: name } })
          .catch(() => null)
        if (!answer) return
        if (answer.status === 200) acknowledged.push(name)
      }
    })()
    // Into the middle of the loop, at another moment each time; never before some were acknowledged.
    const enough = acknowledged.length + 2 + (kill % 4)
    await expect.poll(() => acknowledged.length, { intervals: [5], timeout: 30_000 }).toBeGreaterThanOrEqual(enough)
    await new Promise((resolve) => setTimeout(resolve, kill))
    const killed = server.stop('SIGKILL')
    posting = false
    await Promise.all([killed, loop])
    await server.start()
    const { entries } = (await (await fetch(`${server.address}/api/matches/${id}`)).json()) as { entries: { id: string }[] }
    const stored = entries.map((entry) => entry.id)
    expect(stored.slice(0, acknowledged.length)).toEqual(acknowledged)
    // One more may be stored than was acknowledged: the answer was under way.
    expect(stored.length - acknowledged.length).toBeLessThanOrEqual(1)
    acknowledged.splice(0, acknowledged.length, ...stored)
  }
  expect(acknowledged.length).toBeGreaterThanOrEqual(2 * KILLS)
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})

test('a second process on the same folder says so and stops', async () => {
  const one = ownServer(2)
  await one.start()
  const two = ownServer(3, { folder: one.folder })
  const stopped = two.spawned()
  expect(await new Promise((resolve) => stopped.once('exit', resolve))).toBe(1)
  await expect.poll(two.told).toContain('is in use by another Nimble Tally')
  expect(two.told()).toContain('NIMBLE_DATA=')
  await one.stop()
  rmSync(one.folder, { recursive: true, force: true })
})
