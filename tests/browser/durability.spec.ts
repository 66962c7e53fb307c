import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from '@playwright/test'
import { PORT } from '../../playwright.config'

const OWN_PORT = PORT + 1
const ADDRESS = `http://127.0.0.1:${OWN_PORT}`

function start(folder: string, port = OWN_PORT): ChildProcess {
  return spawn('node', ['.output/server/index.mjs'], {
    env: {
      ...process.env,
      NITRO_HOST: '127.0.0.1',
      NITRO_PORT: String(port),
      NIMBLE_DATA: folder,
      NIMBLE_DEMO: '0',
      NIMBLE_PREPARED: join(process.cwd(), 'dist/empty-folder.tar.gz'),
    },
    stdio: 'pipe',
  })
}

async function ready(): Promise<void> {
  await expect
    .poll(() => fetch(`${ADDRESS}/api/health`).then((answer) => answer.ok, () => false), { timeout: 30_000, intervals: [100] })
    .toBe(true)
}

const ended = (process: ChildProcess) => new Promise<number | null>((resolve) => process.once('exit', resolve))

async function post(path: string, body: unknown): Promise<Response> {
  return fetch(ADDRESS + path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
}

test('an acknowledged entry survives kill -9, ten times over', async () => {
  test.setTimeout(180_000)
  const folder = mkdtempSync(join(tmpdir(), 'nimble-kill-'))
  let server = start(folder)
  await ready()
  const seats = [{ name: 'Ines', pennant: 1 }]
  const { id } = (await (await post('/api/matches', { game: 'brim', seats, first: 1, houseRules: { rounds: 50 } })).json()) as { id: string }
  const acknowledged: string[] = []
  for (let kill = 1; kill <= 10; kill++) {
    const exit = ended(server)
    let posting = true
    const loop = (async () => {
      while (posting) {
        const name = `kill-${kill}-${acknowledged.length}`
        const answer = await post(`/api/matches/${id}/entries`, { id: name, after: acknowledged.length, entry: { call: 'note', why: name } }).catch(() => null)
        if (!answer) return
        if (answer.status === 200) acknowledged.push(name)
      }
    })()
    // Into the middle of the loop, at another moment each time; never before some were acknowledged.
    const enough = acknowledged.length + 2 + (kill % 4)
    await expect.poll(() => acknowledged.length, { intervals: [5], timeout: 30_000 }).toBeGreaterThanOrEqual(enough)
    await new Promise((resolve) => setTimeout(resolve, kill))
    server.kill('SIGKILL')
    posting = false
    await Promise.all([exit, loop])
    server = start(folder)
    await ready()
    const { entries } = (await (await fetch(`${ADDRESS}/api/matches/${id}`)).json()) as { entries: { id: string }[] }
    const stored = entries.map((entry) => entry.id)
    expect(stored.slice(0, acknowledged.length)).toEqual(acknowledged)
    // One more may be stored than was acknowledged: the answer was under way.
    expect(stored.length - acknowledged.length).toBeLessThanOrEqual(1)
    acknowledged.splice(0, acknowledged.length, ...stored)
  }
  expect(acknowledged.length).toBeGreaterThanOrEqual(20)
  const exit = ended(server)
  server.kill('SIGTERM')
  await exit
  rmSync(folder, { recursive: true, force: true })
})

test('a second process on the same folder says so and stops', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'nimble-second-'))
  const one = start(folder, PORT + 2)
  await expect.poll(() => fetch(`http://127.0.0.1:${PORT + 2}/api/health`).then((answer) => answer.ok, () => false), { timeout: 30_000 }).toBe(true)
  const two = start(folder, PORT + 3)
  let said = ''
  two.stderr!.on('data', (text: Buffer) => (said += text.toString()))
  expect(await ended(two)).toBe(1)
  expect(said).toContain('is in use by another Nimble Tally')
  expect(said).toContain('NIMBLE_DATA=')
  const exit = ended(one)
  one.kill('SIGTERM')
  await exit
  rmSync(folder, { recursive: true, force: true })
})
