// npm run ordeal: what a table never does to Nimble Tally and a bad day might. Prints a table; ends with 1 where
// something acknowledged was lost or a start failed. Figures of it stand in docs/serving.md.
import { execFileSync } from 'node:child_process'
import {
  closeSync,
  fdatasyncSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  rmSync,
  symlinkSync,
  writeFileSync,
  writeSync,
} from 'node:fs'
import http from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { pause, server } from './server.mjs'
import { school } from './school.mjs'
import { strangers } from './strangers.mjs'

const KILLS = Number(process.env.KILLS ?? 20)
const rows = []
let failed = 0
const tell = (what, came, well = true) => {
  rows.push([what, came, well ? '' : 'FAILED'])
  console.log(`${well ? '   ' : ' ! '}${what.padEnd(58)} ${came}`)
  if (!well) failed++
}
const middle = (list, part = 0.5) => [...list].sort((a, b) => a - b)[Math.floor(list.length * part)]

async function firstStarts() {
  let bad = 0
  for (let kill = 1; kill <= KILLS; kill++) {
    const one = server()
    const starting = one.start({ NIMBLE_DEMO: '1' })
    await pause(300 + Math.random() * 2500)
    await one.stop('SIGKILL')
    await starting
    if (!(await one.start({ NIMBLE_DEMO: '1' }))) bad++
    await one.stop()
    rmSync(one.folder, { recursive: true, force: true })
  }
  tell(`first starts with the demo, killed and started again (${KILLS})`, `${bad} did not start again`, bad === 0)
}

async function kills() {
  const one = server()
  await one.start()
  const match = await one.makeMatch()
  let known = []
  let lost = 0
  for (let kill = 1; kill <= KILLS; kill++) {
    const end = pause(200 + Math.random() * 800).then(() => one.stop('SIGKILL'))
    for (;;) {
      const id = `kill-${kill}-${known.length}-ordeal`
      const answer = await one.append(match, known.length, { call: 'note', why: id }, id).catch(() => null)
      if (answer?.status !== 200) break
      known.push(id)
    }
    await end
    await one.start()
    const stored = (await one.get(`/api/matches/${match}`)).entries.map((entry) => entry.id)
    lost += known.filter((id, i) => stored[i] !== id).length
    known = stored
  }
  await one.stop()
  rmSync(one.folder, { recursive: true, force: true })
  tell(`kill -9 while appending (${KILLS})`, `${lost} of ${known.length} acknowledged entries lost`, lost === 0)
}

async function twoProcesses() {
  const one = server()
  await one.start()
  const link = `${one.folder}-link`
  symlinkSync(one.folder, link)
  const two = server(link)
  const both = await two.start()
  tell('a second process through a symbolic link', both ? 'both run' : 'refused', !both)
  await two.stop()
  await one.stop()
  rmSync(link)
  rmSync(one.folder, { recursive: true, force: true })
}

async function fullDisk() {
  const place = mkdtempSync(join(tmpdir(), 'nimble-disk-'))
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=320m', 'tmpfs', place], { stdio: 'ignore' })
  } catch {
    return tell('a full disk', 'left out: this system allows no small disk of its own')
  }
  const one = server(join(place, 'data'))
  try {
    mkdirSync(join(place, 'data'))
    await one.start()
    const match = await one.makeMatch()
    const filler = join(place, 'filler')
    const before = (await one.append(match, 0, { call: 'note' })).status
    execFileSync('sh', ['-c', `head -c 1000000000 /dev/zero > ${filler} || true`], { stdio: 'ignore' })
    await pause(1200)
    const full = (await one.append(match, 1, { call: 'note' })).status
    const shown = (await one.get(`/api/matches/${match}`)).entries.length
    rmSync(filler)
    await pause(1200)
    const after = (await one.append(match, 1, { call: 'note' })).status
    tell(
      'a full disk, then room again',
      `${before}, ${full} (${shown} shown), ${after}`,
      before === 200 && full === 507 && shown === 1 && after === 200,
    )
  } finally {
    await one.stop('SIGKILL')
    execFileSync('umount', ['-l', place], { stdio: 'ignore' })
  }
}

const AT = new Date().toISOString()
const file = (entries, more = {}) => ({
  format: 'nimble-tally/match',
  version: 1,
  game: 'brim',
  players: ['Ines'],
  entries,
  ...more,
})
const roll = { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } }
const stop = { play: { do: 'stop', by: 1, said: 19 } }
const turns = (n) => Array.from({ length: n }, (_, i) => (i % 2 ? stop : roll))
const rounds = { houseRules: { rounds: 50 } }
const archiveOf = (count, entries, key) => ({
  format: 'nimble-tally/archive',
  version: 1,
  madeAt: AT,
  people: [],
  matches: Array.from({ length: count }, (_, m) => ({
    id: `${key}-${m}`,
    createdAt: AT,
    updatedAt: AT,
    used: 0,
    seats: [{ pennant: 1, personId: null }],
    recorded: turns(entries).map((_, i) => ({ id: `entry-${m}-${i}`, at: AT })),
    match: file(turns(entries), rounds),
  })),
})

/** Archives taken while others record and delete: every one can be brought back whole. */
async function archives() {
  const one = server()
  await one.start()
  await one.post('/api/archive', archiveOf(300, 40, 'kept'))
  const busy = await one.makeMatch()
  let going = true
  let [after, gone] = [0, 0]
  const recording = (async () => {
    while (going) await one.append(busy, after++, turns(2)[after % 2])
  })()
  const deleting = (async () => {
    for (let i = 299; going && i > 100; i--, gone++)
      await fetch(`${one.address}/api/matches/kept-${i}`, { method: 'DELETE' })
  })()
  const taken = []
  for (let i = 0; i < 10; i++) taken.push(await (await fetch(`${one.address}/api/archive`)).json())
  going = false
  await Promise.all([recording, deleting])
  await one.stop()
  rmSync(one.folder, { recursive: true, force: true })
  let broken = 0
  for (const archive of [taken[0], taken[4], taken[9]]) {
    const two = server()
    await two.start()
    const restored = await (await two.post('/api/archive', archive)).json()
    if (restored.matches !== archive.matches.length || restored.leftOut !== 0) broken++
    await two.stop()
    rmSync(two.folder, { recursive: true, force: true })
  }
  tell(
    '10 archives taken while others record and delete',
    `${gone} deleted, ${after} recorded meanwhile; ${broken} of 3 did not come back whole`,
    broken === 0,
  )
}

/** Long archives brought back at once hold nobody up: each is judged in pieces, and they take turns. */
async function atOnce() {
  const one = server()
  await one.start()
  await one.post('/api/archive', archiveOf(2, 2000, 'warm'))
  await one.held()
  const start = performance.now()
  const came = await Promise.all(
    Array.from({ length: 6 }, async (_, i) => (await one.post('/api/archive', archiveOf(20, 2000, `six-${i}`))).json()),
  )
  const took = performance.now() - start
  const held = await one.held()
  tell(
    'six archives of 20 matches of 2,000 entries brought back at once',
    `${(took / 1000).toFixed(1)} s, loop held ${held} ms`,
    held < 200 && came.every(({ matches }) => matches === 20),
  )
  await one.stop()
  rmSync(one.folder, { recursive: true, force: true })
}

/** Ten thousand matches stored: the list opens as with ten, and recording costs the same. */
async function many() {
  const times = async (doing, n = 20) => {
    const list = []
    for (let i = 0; i < n; i++) {
      const start = performance.now()
      await doing(i)
      list.push(performance.now() - start)
    }
    return middle(list)
  }
  const one = server()
  await one.start()
  const measure = async () => {
    const list = await times(() => one.get('/api/matches?which=all'))
    const made = await times(() => one.makeMatch())
    const match = await one.makeMatch()
    const append = await times((i) => one.append(match, i, turns(2)[i % 2]))
    return `list ${list.toFixed(1)} ms, made ${made.toFixed(1)} ms, recorded ${append.toFixed(1)} ms`
  }
  await one.post('/api/archive', archiveOf(10, 20, 'few'))
  await measure()
  tell('with 10 matches stored', await measure())
  for (let part = 0; part < 10; part++) await one.post('/api/archive', archiveOf(1000, 20, `many-${part}`))
  tell('with 10,000 matches stored', await measure())
  await one.held()
  const start = performance.now()
  const archive = await (await fetch(`${one.address}/api/archive`)).text()
  const took = performance.now() - start
  tell(
    '10,000 matches taken along',
    `${(took / 1000).toFixed(1)} s, ${(archive.length / 1e6).toFixed(0)} MB, loop held ${await one.held()} ms`,
  )
  const place = openSync(join(one.folder, 'flush-alone'), 'w')
  const page = Buffer.alloc(8192)
  const alone = await times(() => {
    writeSync(place, page)
    fdatasyncSync(place)
  }, 200)
  closeSync(place)
  tell('a flush of this disk by itself', `${alone.toFixed(2)} ms median`)
  await one.stop()
  rmSync(one.folder, { recursive: true, force: true })
}

/** A match of thousands of entries in a browser: opened, recorded in, and a thousand plays in one page. */
async function longMatch() {
  const one = server()
  await one.start()
  const make = async (entries) =>
    (await (await one.post('/api/matches/import', file(turns(entries), rounds))).json()).id
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--js-flags=--expose-gc'],
  })
  const page = await browser.newPage()
  for (const entries of [20, 4990]) {
    const match = await make(entries)
    const start = performance.now()
    await page.goto(`${one.address}/match/${match}`)
    await page.locator(`[data-entry="${entries}"]`).waitFor()
    const opened = performance.now() - start
    // From the message to the frame after it was drawn; the newest is a note, so that both matches do the same.
    const drawn = []
    for (let i = 1; i <= 5; i++) {
      const seen = page.evaluate(
        (number) =>
          new Promise((resolve) => {
            let before = performance.now()
            const look = () => {
              const now = performance.now()
              if (document.querySelector(`[data-entry="${number}"]`)) return resolve(now - before)
              before = now
              requestAnimationFrame(look)
            }
            look()
          }),
        entries + i,
      )
      await one.append(match, entries + i - 1, { call: 'note', why: 'ordeal' })
      drawn.push(await seen)
    }
    tell(
      `a match of ${entries} entries in a browser`,
      `opened in ${opened.toFixed(0)} ms, a new entry drawn in a frame of ${middle(drawn).toFixed(0)} ms`,
    )
  }
  const match = await one.makeMatch()
  await page.goto(`${one.address}/match/${match}`)
  const heap = () => page.evaluate(() => (globalThis.gc?.(), performance.memory.usedJSHeapSize / 1e6))
  const sizes = []
  for (let i = 0; i < 1000; i++) {
    await one.append(match, i, turns(2)[i % 2])
    if (i === 99 || i === 499 || i === 999) {
      await page.locator(`[data-entry="${i + 1}"]`).waitFor()
      sizes.push(await heap())
    }
  }
  tell('a page after 100, 500 and 1,000 entries', `${sizes.map((size) => size.toFixed(0)).join(', ')} MB of heap`)
  await browser.close()
  await one.stop()
  rmSync(one.folder, { recursive: true, force: true })
}

/** What is legal, large and hostile: the loop must stay free for the others. */
async function loop() {
  const one = server()
  await one.start()
  await one.held()
  const deep = `${'['.repeat(500_000)}${']'.repeat(500_000)}`
  const ask = async (what, doing) => {
    const start = performance.now()
    const status = await doing()
    const took = performance.now() - start
    const held = await one.held()
    tell(what, `${status}, ${took.toFixed(0)} ms, loop held ${held} ms${held > 200 ? ' (over 200)' : ''}`, status < 500)
  }
  const imported = (entries, more) =>
    one.post('/api/matches/import', file(entries, more)).then((answer) => answer.status)
  await ask('a match of 5,000 strikes, brought in', () =>
    imported([roll, ...Array.from({ length: 4999 }, (_, i) => ({ strike: i + 1 }))]),
  )
  await ask('a match of 5,000 plays, brought in', () => imported(turns(5000), rounds))
  await ask('a match of 5,000 entries that are none', () => imported(Array.from({ length: 5000 }, () => ({ play: 5 }))))
  await ask('20,000 house rules that there are not', () =>
    imported([], { houseRules: Object.fromEntries(Array.from({ length: 20_000 }, (_, i) => [`k${i}`, i])) }),
  )
  await ask('a million brackets', () => one.post('/api/matches/import', deep).then((answer) => answer.status))
  const archive = archiveOf(500, 60, 'ordeal')
  await ask('500 matches brought back', () => one.post('/api/archive', archive).then((answer) => answer.status))
  await ask('500 matches taken along', async () => {
    const answer = await fetch(`${one.address}/api/archive`)
    await answer.text()
    return answer.status
  })
  const match = await one.makeMatch()
  const times = []
  for (let i = 0; i < 2000; i++) {
    const start = performance.now()
    await one.append(match, i, turns(2)[i % 2])
    times.push(performance.now() - start)
  }
  tell(
    'appending entries 1 to 200 and 1,801 to 2,000',
    `${middle(times.slice(0, 200)).toFixed(1)} ms and ${middle(times.slice(-200)).toFixed(1)} ms, median`,
  )
  await ask('the newest of 2,000 taken back', () =>
    one.append(match, 2000, { strike: 2000 }).then((answer) => answer.status),
  )
  await ask('the first of 2,000 taken back', () =>
    one.append(match, 2001, { strike: 1 }).then((answer) => answer.status),
  )
  await one.stop()
  rmSync(one.folder, { recursive: true, force: true })
}

/** 200 viewers that open a stream and never read it. */
async function muteViewers() {
  const one = server()
  await one.start()
  const match = await one.makeMatch()
  const before = one.memory()
  const open = Array.from(
    { length: 200 },
    () =>
      new Promise((resolve) => {
        const asked = http.get(`${one.address}/api/matches/${match}/live`, (answer) => {
          answer.pause()
          resolve(asked)
        })
        asked.on('error', () => resolve(asked))
      }),
  )
  await Promise.all(open)
  const times = []
  for (let i = 0; i < 300; i++) {
    const start = performance.now()
    await one.append(match, i, { call: 'note', why: 'gull '.repeat(90) })
    times.push(performance.now() - start)
  }
  tell(
    '300 entries before 200 viewers that never read',
    `${middle(times).toFixed(1)} ms median, ${middle(times, 0.95).toFixed(1)} ms at 95 %`,
  )
  tell(
    'memory before and after',
    `${before.toFixed(0)} MB and ${one.memory().toFixed(0)} MB`,
    one.memory() < before + 400,
  )
  const took = await one.stop()
  tell('stopped with 200 streams open', `${took.toFixed(0)} ms`, took < 2000)
  rmSync(one.folder, { recursive: true, force: true })
}

const PARTS = {
  firstStarts,
  kills,
  twoProcesses,
  fullDisk,
  loop,
  archives,
  atOnce,
  many,
  longMatch,
  muteViewers,
  ...strangers(tell),
  ...school(tell),
}
const asked = process.argv.slice(2)
for (const [name, part] of Object.entries(PARTS)) if (!asked.length || asked.includes(name)) await part()
const written = rows.map((row) => `| ${row.slice(0, 2).join(' | ')} |`).join('\n')
writeFileSync(join(tmpdir(), 'nimble-ordeal.md'), `| what | what came of it |\n|---|---|\n${written}\n`)
console.log(`\n${rows.length - failed} held, ${failed} failed. The table is in ${join(tmpdir(), 'nimble-ordeal.md')}.`)
process.exit(failed ? 1 : 0)
