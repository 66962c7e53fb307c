import { expect, test, type Page } from '@playwright/test'
import { readMatch } from '../../core/format/matchFile'
import { readHouseRules } from '../../core/kernel/houseRules'
import { sayVerdict } from '../../core/wording/index'
import { withFixtures } from '../games/withFixtures'
import { fileOf } from '../unit/judging'
import {
  append,
  axe,
  faultsOf,
  boardOf,
  entriesOf,
  expectVerdictWhole,
  follow,
  greyWithoutReason,
  later,
  makeMatch,
  onTurn,
  openDesk,
  press,
  score,
  SIZES,
  takeBack,
  tap,
  tape,
  visit,
  wider,
} from './helpers'

/** What every game must do alike, one test a game and thing: each page is loaded once. */
test.use({ hasTouch: true })

const BOARDS = [
  [1280, 720],
  [1920, 1080],
] as const

async function settle(page: Page, path: string) {
  await visit(page, path)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0)
}

/** Whether a part of the page is wholly in sight. */
async function inSight(page: Page, what: string) {
  const box = await page.locator(what).first().boundingBox()
  const { width, height } = page.viewportSize()!
  return (
    box !== null && box.x >= -1 && box.y >= -1 && box.x + box.width <= width + 1 && box.y + box.height <= height + 1
  )
}

/** The page looked at light and dark, and at every size: accessible, and nothing is cut off sideways. */
async function look(
  page: Page,
  path: string,
  sizes: readonly (readonly [number, number])[],
  schemes: readonly ('light' | 'dark')[] = ['light', 'dark'],
) {
  await settle(page, path)
  await expect.poll(async () => [path, await greyWithoutReason(page)]).toEqual([path, []])
  for (const colorScheme of schemes) {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
    const scan = axe(page)
    // In the dark nothing else is different.
    const faults = await faultsOf(page, colorScheme === 'dark' ? scan.withRules(['color-contrast']) : scan)
    expect([path, colorScheme, faults]).toEqual([path, colorScheme, []])
  }
  for (const [width, height] of sizes) {
    await page.setViewportSize({ width, height })
    // What the page lays out anew for a size comes a moment after it.
    await expect.poll(async () => [path, width, await wider(page)]).toEqual([path, width, 0])
  }
}

for (const [id, { about, presets, ...game }, fixture] of withFixtures()) {
  test(`${id}: desk and announcement pass the scan, light and dark; verdict and pad stay in sight at every size`, async ({
    page,
    request,
  }) => {
    test.slow()
    const strangers: string[] = []
    page.on('request', (sent) => {
      if (/^http/.test(sent.url()) && new URL(sent.url()).hostname !== '127.0.0.1') strangers.push(sent.url())
    })
    await look(page, `/match/${await makeMatch(request, fixture.live)}`, [])
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height })
      for (const part of ['[data-testid="verdict"]', '[aria-label="Pad"]', '[aria-label="Players"]'])
        await expect.poll(async () => [width, part, await inSight(page, part)]).toEqual([width, part, true])
      await expect
        .poll(async () => (await page.getByRole('region', { name: 'Table' }).boundingBox())!.height)
        .toBeGreaterThan(40)
      await expect.poll(() => wider(page)).toBe(0)
    }
    await page.setViewportSize({ width: 1280, height: 800 })
    await look(
      page,
      `/match/${await makeMatch(request, { ...fixture.live, entries: [...(fixture.live.entries ?? []), { call: 'finish' }] })}`,
      SIZES,
    )
    expect(strangers).toEqual([])
  })

  test(`${id}: set-up and rulebook pass the scan at every size; every school is read back and can be started`, async ({
    page,
    request,
  }) => {
    test.slow()
    // The bots of estimate.spec.ts would play on beside it for every school.
    await page.route(/estimate\.worker/, (route) => route.abort())
    await look(page, `/rulebook/${id}`, SIZES)
    await page.setViewportSize({ width: 1280, height: 800 })
    // Its parts are the same for every game: pages.spec.ts looks at them in the dark.
    await look(page, `/new?game=${id}`, SIZES, ['light'])
    await page.setViewportSize({ width: 1280, height: 800 })
    const agreed = page.getByRole('region', { name: 'Agreed' })
    await expect(agreed.getByRole('heading', { level: 2 })).toHaveText(`Agreed for ${about.title}`)
    const players = ['Wren', 'Kofi', 'Bao'].slice(0, Math.max(2, about.seats.low))
    for (const [i, name] of players.entries()) await page.getByLabel(`Name of player ${i + 1}`).fill(name)
    await page.getByRole('radio', { name: 'The app deals' }).tap()
    for (const { label, rules } of presets) {
      await page.getByRole('button', { name: label, exact: true }).tap()
      const read = readHouseRules(game, rules, players.length)
      if (!read.ok) throw new Error(JSON.stringify(read.problems))
      for (const sentence of game.wording.readBack(read.rules, players.length))
        await expect(agreed.getByText(sentence, { exact: true })).toBeVisible()
      for (const { count, what } of game.prepare(read.rules, players.length).needs)
        await expect(page.getByRole('region', { name: 'Lay ready' })).toContainText(`${count} ${what}`)
      // No control complains of rules that fit.
      await expect(page.locator('[data-rule] [role="alert"]')).toHaveCount(0)
    }
    await page.getByRole('button', { name: 'Start the match' }).tap()
    await expect(page).toHaveURL(/\/match\//)
    const match = (await (
      await request.get(`/api/matches/${new URL(page.url()).pathname.split('/').at(-1)}`)
    ).json()) as {
      houseRules: object
      source: string
      seats: { name: string }[]
    }
    expect(match.houseRules).toEqual(presets.at(-1)!.rules)
    expect([match.source, match.seats.map(({ name }) => name)]).toEqual(['dealt', players])
  })

  test(`${id}: the board fills the screen and tells no more than it must; the room sees what comes next`, async ({
    page,
    request,
  }) => {
    const { live, board } = fixture
    const match = await makeMatch(request, live)
    await page.setViewportSize({ width: 1280, height: 720 })
    await look(page, await boardOf(request, match), [])
    await page.emulateMedia({ colorScheme: 'light' })
    for (const [width, height] of BOARDS) {
      await page.setViewportSize({ width, height })
      for (const part of ['[aria-label="Table"]', '[aria-label="Standing"]', '[aria-label="Last play"]'])
        await expect.poll(async () => [width, part, await inSight(page, part)]).toEqual([width, part, true])
      // Nothing lies below the fold, of the page or of the table in it.
      await expect
        .poll(() =>
          page.evaluate(() =>
            [...document.querySelectorAll('.screen, [aria-label="Table"] .outer')].map(
              (box) => box.scrollHeight - box.clientHeight <= 2,
            ),
          ),
        )
        .toEqual([true, true])
    }
    const table = page.getByRole('region', { name: 'Table' })
    for (const shown of board.shows) await expect(table).toContainText(shown)
    for (const hidden of board.hides ?? []) await expect(page.locator('body')).not.toContainText(hidden)
    await expect(page.getByRole('region', { name: 'Last play' })).toContainText(board.last)
    await expect(table.getByRole('button')).toHaveCount(0)
    const answer = await append(request, match, live.entries!.length, board.next)
    expect(await answer.json()).toMatchObject({ stands: true })
    await follow(page, board.then)
    if (!about.turns) await expect(onTurn(page)).toHaveCount(0)
  })

  test(`${id}: a match by hand, from the first touch to the announcement, and back`, async ({ page, request }) => {
    await page.setViewportSize({ width: 1024, height: 1000 })
    const { parts, steps, entries } = fixture.byHand
    const match = await makeMatch(request, parts)
    await openDesk(page, match)
    await follow(page, steps)
    await expect.poll(async () => (await entriesOf(request, match)).map(bare)).toEqual(entries)
    // What is taken back stays so: by key, from the bar, after a reload.
    await takeBack(page, request, match, () => page.keyboard.press('z'))
    await takeBack(page, request, match, () => tap(page, 'Take back'))
    await page.reload()
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await later(page)
    expect(await entriesOf(request, match)).toHaveLength(entries.length + 2)
  })

  test(`${id}: an entry is put right in the pad that entered it`, async ({ page, request }) => {
    const { parts, entry, reads, touch, becomes, play } = fixture.amend
    const match = await makeMatch(request, parts)
    await openDesk(page, match)
    await press(page, tape(page).getByRole('button', { name: reads }))
    await tap(page, `Put entry ${entry} right`)
    await expect(page.getByText(`Entry ${entry}: the table is as it was then`)).toBeVisible()
    for (const name of touch) await tap(page, name)
    const panel = page.getByRole('alertdialog', { name: 'What this changes' })
    await expect(panel).toContainText(`Entry ${entry} becomes: ${becomes}`)
    // Nothing is recorded before the referee has seen what it brings.
    expect(await entriesOf(request, match)).toEqual(parts.entries)
    await panel.getByRole('button', { name: 'Record it' }).tap()
    await expect.poll(() => entriesOf(request, match)).toEqual([...parts.entries!, { amend: entry, play }])
    await expect(tape(page).getByRole('button', { name: becomes }).first()).toBeVisible()
    // Taking the amend back brings the first play back.
    await tap(page, 'Take back')
    await expect(tape(page).getByRole('button', { name: reads }).first()).toBeVisible()
  })

  test(`${id}: the longest refusal, the longest remark, and their keys, are whole at every size`, async ({
    page,
    request,
  }) => {
    const said = Object.values(fixture.slips).flatMap(({ after: _after, ...parts }) => {
      const read = readMatch(fileOf(parts))
      const line = read.ok ? read.tape.lines.at(-1) : undefined
      if (!read.ok || !line?.play) return []
      const says = sayVerdict(read.tape.table, line)
      return [{ parts, number: line.number, says, stands: line.verdict.stands }]
    })
    said.sort((a, b) => b.says.length - a.says.length)
    const longest = said.find(({ stands }) => !stands)
    if (!longest) throw new Error('no refused play among the slips')
    // What stands may leave something to be decided, with keys for it.
    const remark = said.find(({ stands }) => stands)
    if (remark) {
      await openDesk(page, await makeMatch(request, remark.parts))
      await expectVerdictWhole(page, remark.says)
    }
    await openDesk(page, await makeMatch(request, longest.parts))
    await expectVerdictWhole(page, longest.says)
    // While it is decided what becomes of it, its keys stand beside it.
    await page.setViewportSize({ width: 800, height: 1100 })
    await press(page, tape(page).getByRole('listitem').first().getByRole('button').first())
    await tap(page, `Put entry ${longest.number} right`)
    await expectVerdictWhole(page, longest.says)
  })

  test(`${id}: dealt by the app, a first play from its chance`, async ({ page, request }) => {
    const players = ['Ines', 'Tomasz', 'Bao'].slice(0, Math.max(2, about.seats.low))
    const match = await makeMatch(request, { game: id, source: 'dealt', seed: 'lantern', players })
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await openDesk(page, match)
    await expect(score(page, 1)).toBeVisible()
    await page.keyboard.press('Enter')
    await expect(page.locator('[role="alert"]').filter({ hasText: /./ })).toHaveCount(0)
  })
}

/** An entry as it was played, without how it was explained. */
function bare(entry: unknown): unknown {
  const { play, ...rest } = entry as { play?: { explained?: boolean; how?: string } }
  if (!play) return entry
  const { explained: _explained, how: _how, ...others } = play
  return { ...rest, play: others }
}
