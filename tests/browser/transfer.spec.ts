import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { archiveOf, entriesOf, makeMatch } from './helpers'
import { ownServer } from './server'

const ENTRIES = [
  { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } },
  { play: { do: 'stop', by: 2 } },
  { play: { do: 'stop', by: 1, said: 18 } },
  { call: 'note', why: 'a gull, "loud"' },
]

test('a match goes out as file, as CSV and as plain text', async ({ request }) => {
  const match = await makeMatch(request, { players: ['=Ines', 'Tomasz'], entries: ENTRIES })
  const get = async (as: string) => {
    const answer = await request.get(`/api/matches/${match}/export?as=${as}`)
    expect(answer.headers()['content-disposition']).toContain(`.${as}`)
    return answer.text()
  }
  expect(JSON.parse(await get('json'))).toMatchObject({ format: 'nimble-tally/match', game: 'brim', entries: ENTRIES })
  const csv = (await get('csv')).trim().split('\r\n')
  expect(csv).toHaveLength(5)
  expect(csv[1]).toContain('\u2060=Ines')
  expect(csv[2]).toContain('not-their-turn')
  const text = await get('txt')
  expect(text).toContain('1: roll 6 5 4 3 1')
  expect(text).toContain('2 x 2: stop')
  expect((await request.get(`/api/matches/${match}/export?as=pdf`)).status()).toBe(422)
})

test('a match file is brought in by hand, judged, and can be played on', async ({ page }) => {
  const file = { format: 'nimble-tally/match', version: 1, game: 'brim', players: ['Ines', 'Oar'], entries: ENTRIES }
  await page.goto('/keep')
  await page
    .getByLabel('Match file')
    .setInputFiles({ name: 'saturday.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(file)) })
  await expect(page.getByRole('status')).toContainText('4 entries judged, 1 of them doesn’t stand')
  await page.getByRole('link', { name: 'Open it' }).click()
  await expect(page.locator('li[aria-current]')).toContainText('Oar')
  await page.keyboard.type('11111')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'Tape' })).toContainText('Oar rolls 1 1 1 1 1')
})

test('a wrong file is told what it seems to be and where it belongs; nothing is changed', async ({ page }) => {
  await page.goto('/keep')
  const bring = (label: string, name: string, text: string) =>
    page
      .getByLabel(label, { exact: true })
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  const alert = page.getByRole('alert').filter({ hasText: 'nothing was changed' })
  await bring('Match file', 'all.json', '{"format":"nimble-tally/archive"}')
  await expect(alert).toContainText(
    'all.json: This seems to be an archive of everything: bring it back under “Everything”',
  )
  await bring('Archive', 'one.json', '{"format":"nimble-tally/match"}')
  await expect(alert).toContainText('one.json: This seems to be a match file')
  await bring('Archive', 'gulls.json', '\u0089PNG')
  await expect(alert).toContainText('This seems to be a picture')
  await bring('Archive', 'names.json', 'Nr,First name\n1,Ines')
  await expect(alert).toContainText('This seems to be a table for a spreadsheet')
})

test('a side goes out as it was brought in: in the match file and in the archive', async ({ request }) => {
  const players = [{ name: 'The harbour crew', members: ['Ines', 'Bao', 'Wren'] }, 'Tomasz']
  const entries = [{ play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1], who: 2 } }]
  const file = { format: 'nimble-tally/match', version: 1, game: 'brim', players, entries }
  const made = await request.post('/api/matches/import', { data: file })
  expect(made.ok()).toBe(true)
  const { id } = (await made.json()) as { id: string }
  expect(await (await request.get(`/api/matches/${id}/export?as=json`)).json()).toMatchObject({ players, entries })
  const { seats } = (await (await request.get(`/api/matches/${id}`)).json()) as { seats: object[] }
  expect(seats).toMatchObject([{ name: 'The harbour crew', members: ['Ines', 'Bao', 'Wren'] }, { name: 'Tomasz' }])
  const archive = (await (await request.get('/api/archive')).json()) as {
    matches: { id: string; match: { players: unknown } }[]
  }
  expect(archive.matches.find((match) => match.id === id)!.match.players).toEqual(players)
})

test('a broken file says where and why, and changes nothing', async ({ page, request }) => {
  await page.goto('/keep')
  const give = (label: string, text: string) =>
    page
      .getByLabel(label)
      .setInputFiles({ name: 'broken.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await give(
    'Match file',
    JSON.stringify({ format: 'nimble-tally/match', version: 1, game: 'brim', players: [], houseRules: { dice: 99 } }),
  )
  await expect(page.getByRole('alert')).toContainText('houseRules.dice')
  await expect(page.getByRole('alert')).toContainText('players')
  await give('Match file', '{"format":')
  await expect(page.getByRole('alert')).toContainText('This file can’t be read')
  await give(
    'Archive',
    JSON.stringify({
      format: 'nimble-tally/archive',
      version: 1,
      madeAt: new Date().toISOString(),
      people: [{ id: 'x', name: 'Gull', pennant: 99 }],
      matches: [],
    }),
  )
  await expect(page.getByRole('alert')).toContainText('people.0.pennant')
  const names = (await (await request.get('/api/people')).json()).people.map(({ name }: { name: string }) => name)
  expect(names).not.toContain('Gull')
})

test('a file with entries that are none is stored as it is', async ({ request }) => {
  const entries = [null, 5, 'gull', [], {}, ENTRIES[0]]
  const answer = await request.post('/api/matches/import', {
    data: { format: 'nimble-tally/match', version: 1, game: 'brim', players: ['Ines'], entries },
  })
  expect(await answer.json()).toMatchObject({ entries: 6, slips: 5, malformed: 5 })
  expect(await entriesOf(request, (await answer.json()).id)).toEqual(entries)
})

test('everything goes into one archive and comes back from it', async ({ request }) => {
  const match = await makeMatch(request, { entries: ENTRIES })
  const archive = await archiveOf(request, match)
  expect(archive).toMatchObject({ format: 'nimble-tally/archive', version: 1 })
  const before = await (await request.get(`/api/matches/${match}`)).json()
  await request.delete(`/api/matches/${match}`)
  const answer = await request.post('/api/archive', { data: archive })
  expect(answer.status()).toBe(200)
  expect((await answer.json()).matches).toBeGreaterThanOrEqual(1)
  const after = await (await request.get(`/api/matches/${match}`)).json()
  expect(after.entries.map((e: { id: string; entry: unknown }) => [e.id, e.entry])).toEqual(
    before.entries.map((e: { id: string; entry: unknown }) => [e.id, e.entry]),
  )
  expect(await entriesOf(request, match)).toEqual(ENTRIES)
})

test('number facts are kept by person and follow corrections', async ({ request }) => {
  const person = await (await request.post('/api/people', { data: { name: `Knot ${Date.now()}` } })).json()
  const made = await request.post('/api/matches', {
    data: { game: 'brim', seats: [{ name: 'Knot', pennant: 1, personId: person.id }], first: 1 },
  })
  const { id } = await made.json()
  const post = (after: number, entry: object) =>
    request.post(`/api/matches/${id}/entries`, { data: { id: `facts-${after}-${Date.now()}`, after, entry } })
  await post(0, ENTRIES[0]!)
  await post(1, { play: { do: 'stop', by: 1, said: 18, explained: true, how: 'counted-on' } })
  const facts = async () =>
    (await (await request.get(`/api/people/${person.id}/facts`)).json()).facts as {
      terms: number[]
      said: number | null
      right: boolean
      how: string
    }[]
  expect((await facts()).filter(({ said }) => said !== null)).toMatchObject([
    { answer: 19, said: 18, right: false, how: 'counted-on', operation: 'add' },
  ])
  await post(2, { amend: 2, play: { do: 'stop', by: 1, said: 19 } })
  expect((await facts()).filter(({ said }) => said !== null)).toMatchObject([{ said: 19, right: true, how: null }])
  await post(3, { strike: 2 })
  expect(await facts()).toEqual([])
})

test('an archive of 0.10.0 comes back whole, with the session that its tables belonged to', async () => {
  const server = ownServer(67)
  await server.start()
  try {
    const kept = JSON.parse(readFileSync('tests/archives/0.10.0.json', 'utf8')) as {
      people: object[]
      sessions: { id: string; createdAt: string }[]
      matches: { seats: object[]; match: object; recorded: object[]; session: string | null }[]
    }
    const came = await (await server.post('/api/archive', kept)).json()
    expect(came).toMatchObject({ people: kept.people.length, matches: kept.matches.length, leftOut: 0 })
    const now = await server.get<typeof kept>('/api/archive')
    expect(now.matches).toEqual(kept.matches)
    expect(now.sessions.map(({ id, createdAt }) => ({ id, createdAt }))).toEqual(
      kept.sessions.map(({ id, createdAt }) => ({ id, createdAt })),
    )
    // What was practised then is read again from the tapes.
    const { facts } = await server.get<{ facts: object[] }>(
      `/api/people/${(kept.people[1] as { id: string }).id}/facts`,
    )
    expect(facts.length).toBeGreaterThan(0)
  } finally {
    await server.stop()
  }
})

test('an archive of 0.9.0 comes back whole, with house rules under their names', async () => {
  const server = ownServer(65)
  await server.start()
  try {
    const kept = JSON.parse(readFileSync('tests/archives/0.9.0.json', 'utf8')) as {
      people: object[]
      namedRules: object[]
      matches: object[]
    }
    expect(await (await server.post('/api/archive', kept)).json()).toMatchObject({
      people: kept.people.length,
      matches: kept.matches.length,
      leftOut: 0,
    })
    const now = await server.get<{
      people: object[]
      namedRules: object[]
      sessions: object[]
      matches: { id: string }[]
    }>('/api/archive')
    const byId = (list: readonly object[]) => [...(list as { id: string }[])].sort((a, b) => (a.id < b.id ? -1 : 1))
    expect(byId(now.people)).toEqual(byId(kept.people))
    // Versions came later: what had none is the first.
    expect(byId(now.namedRules)).toEqual(byId(kept.namedRules.map((rules) => ({ ...rules, version: 1 }))))
    expect(now.sessions).toEqual([])
    expect(byId(now.matches)).toEqual(byId(kept.matches.map((match) => ({ ...match, session: null }))))
  } finally {
    await server.stop()
  }
})

test('an archive of 0.8.0 comes back whole, with what was practised', async () => {
  const server = ownServer(63)
  await server.start()
  try {
    const kept = JSON.parse(readFileSync('tests/archives/0.8.0.json', 'utf8')) as {
      people: object[]
      matches: object[]
    }
    const answer = await server.post('/api/archive', kept)
    expect(await answer.json()).toMatchObject({ people: 2, matches: 3, already: 0, leftOut: 0 })
    const now = await server.get<{ people: object[]; namedRules: object[]; matches: { id: string }[] }>('/api/archive')
    expect(now.people).toEqual(kept.people)
    expect(now.namedRules).toEqual([])
    const byId = (list: readonly object[]) => [...(list as { id: string }[])].sort((a, b) => (a.id < b.id ? -1 : 1))
    expect(byId(now.matches)).toEqual(byId(kept.matches.map((match) => ({ ...match, session: null }))))
    // The new rooms read it: what was put right counts, by the person it belongs to.
    const { facts } = await server.get<{ facts: { said: number | null; right: boolean }[] }>('/api/people/p1/facts')
    expect(facts.filter(({ said }) => said === 11)).toMatchObject([{ right: true }])
    const { matches, total } = await server.get<{ matches: { id: string }[]; total: number }>('/api/logbook?who=p1,p2')
    expect([matches.length, total]).toEqual([2, 2])
    const { series } = await server.get<{ series: object[] }>('/api/logbook/series?who=p1,p2')
    expect(series).toEqual([{ game: 'top-total', played: 1, won: [1, 0] }])
  } finally {
    await server.stop()
  }
})
