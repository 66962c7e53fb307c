import { expect, test } from '@playwright/test'
import { readMatch } from '../../core/format/matchFile'
import type { Step } from '../games/fixture'
import { withFixtures } from '../games/withFixtures'
import {
  doubleTap,
  entriesOf,
  follow,
  isPlay,
  makeMatch,
  openDesk,
  press,
  takeBack,
  tap,
  tape,
  verdict,
  type MatchParts,
} from './helpers'

/** What comes twice, and what was refused: double taps, and a refused play put away, in every game. */
test.use({ hasTouch: true, viewport: { width: 1280, height: 800 } })

/** Reasons for which what lies on the table is at fault, or the moment: nothing was decided that could be put away. */
const LYING = new Set(
  'no-such-card no-such-face too-many-copies wrong-dice-count wrong-count malformed not-now not-their-turn no-such-player'.split(
    ' ',
  ),
)

for (const [id, , { byHand, slips }] of withFixtures()) {
  test(`${id}: the second touch of a double tap answers nothing`, async ({ page, request }) => {
    const match = await makeMatch(request, byHand.parts)
    await openDesk(page, match)
    const taps = byHand.steps.filter((step): step is Step & { tap: string | RegExp } => 'tap' in step).slice(0, 4)
    for (const { tap: name } of taps) {
      const key = page.getByRole('button', { name, exact: typeof name === 'string' }).first()
      if (!(await key.isVisible())) continue
      const box = (await key.boundingBox())!
      const before = (await entriesOf(request, match)).length
      // On a machine that is slow just now it was none.
      if (!(await doubleTap(page, [box.x + box.width / 2, box.y + box.height / 2]))) return
      await page.waitForTimeout(500)
      const entries = await entriesOf(request, match)
      expect([name, entries.length - before <= 1]).toEqual([name, true])
      expect([name, wrongIn(byHand.parts, entries)]).toEqual([name, []])
      // Nor does an answer stand there that nobody gave.
      if (!JSON.stringify(byHand.steps).includes('said')) await expect(verdict(page)).not.toHaveClass(/\bnoted\b/)
    }
  })

  // A pad can't show what is of a wrong shape; cards and faces lie there, and stay.
  const decided = Object.entries(slips).filter(([code, { entries }]) => !LYING.has(code) && isPlay(entries?.at(-1)))
  for (const [code, { after: _after, ...parts }] of decided.slice(0, 2))
    test(`${id}: ${code} put right and cleared is not refused again`, async ({ page, request }) => {
      const entries = parts.entries ?? []
      const match = await makeMatch(request, { ...(parts as MatchParts), entries: [] })
      for (const [i, entry] of entries.entries())
        await request.post(`/api/matches/${match}/entries`, { data: { id: `slip-entry-${i}`, after: i, entry } })
      if ((await entriesOf(request, match)).length < entries.length) test.skip(true, 'not recorded as a slip')
      await openDesk(page, match)
      await press(page, tape(page).getByRole('listitem').first().getByRole('button').first())
      await tap(page, `Put entry ${entries.length} right`)
      const keys = page.getByRole('group', { name: 'It doesn’t stand' })
      if (!(await keys.isVisible())) return
      const told = await verdict(page).innerText()
      await keys.getByRole('button', { name: 'Clear it' }).tap()
      await expect(keys).toBeHidden()
      await page.waitForTimeout(400)
      // The pad's own main key, where there is one now, makes no such play either.
      const main = page.getByRole('region', { name: 'Pad' }).locator('.key-main:enabled').first()
      if (await main.isVisible()) {
        await main.tap()
        await page.waitForTimeout(200)
      }
      if (await keys.isVisible()) expect(await verdict(page).innerText()).not.toBe(told)
    })
}

for (const [id, , { match }] of withFixtures()) {
  const at = match.lines.findIndex(([, code]) => code !== 'ok' && !LYING.has(code))
  if (at >= 0)
    test(`${id}: what was refused and kept as tried is not refused again`, async ({ page, request }) => {
      const made = await makeMatch(request, match.parts as MatchParts)
      await openDesk(page, made)
      const line = page.getByRole('textbox', { name: 'Quick line' })
      const texts = match.lines.slice(0, at + 1).map(([text]) => text)
      for (const [i, text] of texts.entries()) {
        await line.fill(text)
        if (i < at && match.lines[i]![1] === 'ok') await line.press('Enter')
        else await tap(page, 'Keep it as tried')
        await expect.poll(async () => (await entriesOf(request, made)).length).toBe(i + 1)
      }
      await page.waitForTimeout(400)
      await expect(line).toHaveValue('')
      await expect(page.getByRole('group', { name: 'It doesn’t stand' })).toBeHidden()
      expect(await entriesOf(request, made)).toHaveLength(at + 1)
    })
}

/** The entries that are refused, or whose answer was wrong. */
function wrongIn(
  { players = ['Ines', 'Tomasz'], game = 'brim', ...parts }: MatchParts,
  entries: readonly unknown[],
): unknown[] {
  const read = readMatch({ ...parts, format: 'nimble-tally/match', version: 1, game, players, entries })
  if (!read.ok) return [read.problems]
  return read.tape.lines
    .filter(({ verdict: { stands, notes } }) => !stands || notes.some(({ code }) => code === 'wrong-answer'))
    .map(({ raw }) => raw)
}

for (const [id, steps] of Object.entries<Step[]>({
  'turn-two': [{ tap: 'Place 1' }, { tap: 'Place 2' }],
  'fill-in-order': [{ press: 'Enter' }],
}))
  test(`${id}, dealt: what is taken back stays so`, async ({ page, request }) => {
    const match = await makeMatch(request, { game: id, source: 'dealt', seed: 'lantern' })
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await openDesk(page, match)
    await follow(page, steps)
    await expect.poll(async () => (await entriesOf(request, match)).length, { timeout: 20_000 }).toBeGreaterThan(0)
    await takeBack(page, request, match, () => page.keyboard.press('z'))
  })
