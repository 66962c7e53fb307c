import { spawn } from 'node:child_process'
import {
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  symlinkSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from 'node:fs'
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
  const { id } = (await (
    await server.post('/api/matches', { game: 'brim', seats, first: 1, houseRules: { rounds: 50 } })
  ).json()) as { id: string }
  const acknowledged: string[] = []
  for (let kill = 1; kill <= KILLS; kill++) {
    let posting = true
    const loop = (async () => {
      while (posting) {
        const name = `kill-${kill}-${acknowledged.length}`
        const answer = await server
          .post(`/api/matches/${id}/entries`, {
            id: name,
            after: acknowledged.length,
            entry: { call: 'note', why: name },
          })
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
    const { entries } = (await (await fetch(`${server.address}/api/matches/${id}`)).json()) as {
      entries: { id: string }[]
    }
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

test('told to stop while the demo is still loaded, it stops, blames nobody, and lets go of the folder', async () => {
  const server = ownServer(66)
  for (const wait of [0, 30, 90, 200]) {
    await server.start({ NIMBLE_DEMO: '1' })
    await new Promise((resolve) => setTimeout(resolve, wait))
    await server.stop()
  }
  expect(server.told()).not.toMatch(/in use|could (not )?be|Error/)
  await server.start({ NIMBLE_DEMO: '1' })
  await expect
    .poll(async () => (await server.get<{ matches: unknown[] }>('/api/matches')).matches.length)
    .toBeGreaterThan(5)
  await server.stop()
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
  await expect
    .poll(two.told)
    .toContain(`Port ${two.port} is taken by another program. Choose another one: bin/start --port ${two.port + 1}`)
  // What bin/start waits with hears the health of the one that is there, and knows that it isn't its own.
  const waiting = spawn('node', ['bin/lib/await-ready.mjs', '127.0.0.1', String(one.port), String(process.pid)], {
    stdio: 'pipe',
  })
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
  const names = () =>
    server.get<{ people: { name: string }[] }>('/api/people').then(({ people }) => people.map(({ name }) => name))
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
  // There never was a database: beside backups that has to be asked for.
  await server.start({ NIMBLE_ANEW: '1' })
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

test('a backup that is none, or was cut short, changes nothing and starts nothing, and neither does a kill in the middle', async () => {
  test.setTimeout(180_000)
  const server = ownServer(26)
  await server.start()
  const { id } = (await (await server.post('/api/matches', SETUP)).json()) as { id: string }
  const archive = join(server.folder, 'taken.json')
  writeFileSync(archive, await (await fetch(`${server.address}/api/archive`)).text())
  await server.stop()
  // The prepared folder is a folder's backup too.
  const whole = join(process.cwd(), 'dist/empty-folder.tar.gz')
  const cut = (file: string, name: string) => {
    const path = join(server.folder, name)
    const bytes = readFileSync(file)
    writeFileSync(path, bytes.subarray(0, bytes.length / 2))
    return path
  }
  const match = join(server.folder, 'match.json')
  writeFileSync(match, JSON.stringify({ format: 'nimble-tally/match', version: 1, game: 'brim', players: ['Ines'] }))
  const note = join(server.folder, 'note.txt')
  writeFileSync(note, 'lantern')
  const there = () => readdirSync(server.folder).filter((name) => name.startsWith('pgdata'))
  for (const file of [
    cut(archive, 'half.json'),
    cut(whole, 'half.tar.gz'),
    match,
    note,
    join(server.folder, 'nothing.json'),
    server.folder,
  ]) {
    expect([file, await server.ended({ NIMBLE_RESTORE: file })]).toEqual([file, 1])
    await expect
      .poll(server.told)
      .toMatch(/can’t be brought back: .+\nNothing in .* was changed|There is no file .* to bring back/)
    expect([file, there()]).toEqual([file, ['pgdata']])
  }
  expect(server.told()).not.toContain('    at ')
  // Killed while it reads, at several moments.
  for (const ms of [300, 900, 1500]) {
    const child = server.spawned({ NIMBLE_RESTORE: archive })
    await new Promise((resolve) => setTimeout(resolve, ms))
    child.kill('SIGKILL')
    await new Promise((resolve) =>
      child.exitCode !== null || child.signalCode !== null ? resolve(0) : child.once('exit', resolve),
    )
  }
  await server.start()
  expect((await server.get<{ id: string }>(`/api/matches/${id}`)).id).toBe(id)
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})

test('a database that is gone is told of where something of it lies beside; begun anew only when asked to', async () => {
  const server = ownServer(27)
  await server.start()
  const { id } = (await (await server.post('/api/matches', SETUP)).json()) as { id: string }
  await server.stop()
  const data = join(server.folder, 'pgdata')
  renameSync(data, `${data}.before-2026-11-28`)
  expect(await server.ended()).toBe(1)
  await expect.poll(server.told).toContain('is gone. It was set aside as')
  expect(server.told()).toContain('bin/start --anew')
  expect(readdirSync(server.folder)).not.toContain('pgdata')
  // Restored whole and killed before it was in its place: the next start goes on with it.
  renameSync(`${data}.before-2026-11-28`, `${data}.ready-2026-11-28`)
  await server.start()
  expect((await server.get<{ id: string }>(`/api/matches/${id}`)).id).toBe(id)
  await server.stop()
  rmSync(data, { recursive: true })
  await server.start({ NIMBLE_ANEW: '1' })
  expect((await fetch(`${server.address}/api/matches/${id}`)).status).toBe(404)
  await server.stop()
  rmSync(server.folder, { recursive: true, force: true })
})

test('a file in place of the data folder, and a full disk at the first start, get a sentence', async () => {
  const blocked = ownServer(28)
  rmSync(blocked.folder, { recursive: true })
  writeFileSync(blocked.folder, '')
  expect(await blocked.ended()).toBe(1)
  await expect.poll(blocked.told).toContain('there is a file in its place')
  const within = ownServer(28, { folder: join(blocked.folder, 'within') })
  expect(await within.ended()).toBe(1)
  await expect.poll(within.told).toContain('there is a file in its place, or in its way')
  rmSync(blocked.folder)
  const full = ownServer(28)
  expect(await full.ended({ NIMBLE_DISK_MARGIN: '1e18' })).toBe(1)
  await expect.poll(full.told).toContain('Make room, then start again; nothing was written yet.')
  for (const { told } of [blocked, within, full]) expect(told()).not.toContain('    at ')
  rmSync(full.folder, { recursive: true, force: true })
})
