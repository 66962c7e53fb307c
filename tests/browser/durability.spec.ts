import { spawn } from 'node:child_process'
import { mkdirSync, readdirSync, renameSync, rmSync, statSync, symlinkSync, truncateSync, utimesSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
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

test('a second process on the same folder says so and stops, by whatever path it comes', async () => {
  const one = ownServer(2)
  await one.start()
  const link = `${one.folder}-link`
  symlinkSync(one.folder, link)
  for (const folder of [one.folder, link]) {
    const two = ownServer(3, { folder })
    expect(await two.ended()).toBe(1)
    await expect.poll(two.told).toContain('is in use by another Nimble Tally')
    expect(two.told()).toContain('NIMBLE_DATA=')
  }
  await one.stop()
  rmSync(link)
  rmSync(one.folder, { recursive: true, force: true })
})

test('a port that is taken is named, and the other Nimble Tally is not taken for this one', async () => {
  const one = ownServer(20)
  await one.start()
  const two = ownServer(20)
  expect(await two.ended()).toBe(1)
  await expect.poll(two.told).toContain(`Port ${two.port} is taken by another program. Choose another one: bin/start --port ${two.port + 1}`)
  // What bin/start waits with hears the health of the one that is there, and knows that it isn't its own.
  const waiting = spawn('node', ['bin/lib/await-ready.mjs', '127.0.0.1', String(one.port), String(process.pid)], { stdio: 'pipe' })
  let said = ''
  waiting.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()))
  await new Promise((resolve) => setTimeout(resolve, 700))
  expect([said, waiting.exitCode]).toEqual(['', null])
  waiting.kill()
  await one.stop()
  for (const { folder } of [one, two]) rmSync(folder, { recursive: true, force: true })
})

const SETUP = { game: 'brim', seats: [{ name: 'Ines', pennant: 1 }], first: 1, houseRules: {} }

test('the demo comes into a folder that has people already, and keeps out of one brought back', async () => {
  const server = ownServer(21)
  await server.start()
  expect((await server.post('/api/people', { name: 'Ines' })).status).toBe(201)
  await server.stop()
  await server.start({ NIMBLE_DEMO: '1' })
  const names = () => server.get<{ people: { name: string }[] }>('/api/people').then(({ people }) => people.map(({ name }) => name))
  await expect.poll(async () => (await names()).length).toBeGreaterThan(1)
  expect((await names()).filter((name) => name === 'Ines')).toHaveLength(1)
  const archive = join(server.folder, 'taken.json')
  writeFileSync(archive, await (await fetch(`${server.address}/api/archive`)).text())
  await server.stop()
  await server.start({ NIMBLE_RESTORE: archive })
  await expect.poll(server.told).toMatch(/Brought back from .*: [1-9]\d* matches, [1-9]\d* people/)
  const before = await names()
  await server.stop()
  await server.start({ NIMBLE_DEMO: '1' })
  expect(await names()).toEqual(before)
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})

test('a damaged folder is named with its newest backup, is left as it is, and the backup brings everything back', async () => {
  test.setTimeout(120_000)
  const server = ownServer(22)
  await server.start()
  const { id } = (await (await server.post('/api/matches', SETUP)).json()) as { id: string }
  await server.stop()
  // The backup of the first start is older than a day by now.
  const backups = join(server.folder, 'backups')
  for (const name of readdirSync(backups)) utimesSync(join(backups, name), 1, 1)
  await server.start()
  await expect.poll(() => readdirSync(backups).some((name) => statSync(join(backups, name)).mtimeMs > 2000)).toBe(true)
  const { backups: shown } = await server.get<{ backups: { name: string; at: string }[] }>('/api/backups')
  expect(shown.length).toBeGreaterThanOrEqual(1)
  await server.stop()
  const newest = join(backups, shown[0]!.name)

  const data = join(server.folder, 'pgdata')
  const damages: [string, string][] = [
    ['PG_VERSION', 'PG_VERSION is missing'],
    ['global/pg_control', 'global/pg_control is missing'],
    ['pg_wal', 'pg_wal is missing'],
  ]
  for (const [part, says] of damages) {
    renameSync(join(data, part), join(server.folder, 'taken-out'))
    const there = readdirSync(data).sort()
    expect(await server.ended()).toBe(1)
    await expect.poll(server.told).toContain(says)
    expect(server.told()).toContain(`bin/start --restore ${newest}`)
    expect(readdirSync(data).sort()).toEqual(there)
    renameSync(join(server.folder, 'taken-out'), join(data, part))
  }
  truncateSync(join(data, 'global/pg_control'), 0)
  expect(await server.ended()).toBe(1)
  await expect.poll(server.told).toContain('global/pg_control is empty')
  truncateSync(join(data, 'global/pg_control'), 8192)
  expect(await server.ended()).toBe(1)
  await expect.poll(server.told).toContain('a file in it is damaged')

  await server.start({ NIMBLE_RESTORE: newest })
  await expect.poll(server.told).toContain('Brought back from')
  expect((await server.get<{ id: string }>(`/api/matches/${id}`)).id).toBe(id)
  expect(readdirSync(server.folder).some((name) => name.startsWith('pgdata.before-'))).toBe(true)
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})

test('of the backups the newest seven stay', async () => {
  const server = ownServer(23)
  const backups = join(server.folder, 'backups')
  mkdirSync(backups)
  for (let day = 1; day <= 9; day++) {
    const path = join(backups, `nimble-tally-2026-11-0${day}-10-00.json`)
    writeFileSync(path, '{}')
    utimesSync(path, day, day)
  }
  await server.start()
  await expect.poll(() => readdirSync(backups).length).toBe(7)
  expect(readdirSync(backups)).not.toContain('nimble-tally-2026-11-03-10-00.json')
  expect(readdirSync(backups)).toContain('nimble-tally-2026-11-04-10-00.json')
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})

test('on a full disk it says so, records nothing, still shows everything, and goes on once there is room', async () => {
  const server = ownServer(24)
  await server.start()
  const { id } = (await (await server.post('/api/matches', SETUP)).json()) as { id: string }
  await server.stop()
  await server.start({ NIMBLE_DISK_MARGIN: '1e18' })
  const entry = { id: 'full-disk', after: 0, entry: { call: 'note' } }
  for (const [path, body] of [
    [`/api/matches/${id}/entries`, entry],
    ['/api/matches', SETUP],
  ] as const) {
    const answer = await server.post(path, body)
    expect([answer.status, ((await answer.json()) as { code: string }).code]).toEqual([507, 'disk-full'])
  }
  expect(await server.get<object>(`/api/matches/${id}`)).toMatchObject({ id, entries: [] })
  await server.stop()
  await server.start()
  expect((await server.post(`/api/matches/${id}/entries`, entry)).status).toBe(200)
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})
