import { expect, test, type Page } from '@playwright/test'
import { gameById } from '../../core/games/index'
import { makeMatchFile } from '../../core/format/matchFile'
import { selfPlay } from '../../core/kernel/selfPlay'
import { append, boardOf, openDesk } from './helpers'

/** What moved is seen to move, at the desk and on the board, and is as still as the device asks for. */
const MOVING = [
  ['exact-landing', 'data-piece'],
  ['hundred-stops', 'data-piece'],
  ['step-and-gather', 'data-piece'],
  ['call-row', 'data-arrives'],
  ['perch-and-push', 'data-arrives'],
  ['six-heaps', 'data-arrives'],
  ['six-heaps', 'data-drawn'],
  ['column-keeper', 'data-arrives'],
  ['last-digit-chains', 'data-arrives'],
  ['skip-count-yard', 'data-arrives'],
] as const
/** Plays in which something must move. */
const PLAYS = 8

/** Counts, from now on, the movements of what carries an attribute. */
const watchMoves = (page: Page) =>
  page.addInitScript(() => {
    const seen: Record<string, number> = {}
    Object.assign(window, { seen })
    const animate = Element.prototype.animate
    Element.prototype.animate = function (...given: Parameters<typeof animate>) {
      for (const name of ['data-piece', 'data-arrives', 'data-drawn'])
        if (this.hasAttribute(name)) seen[name] = (seen[name] ?? 0) + 1
      return animate.apply(this, given)
    }
  })
const movesOf = (page: Page, name: string) =>
  page.evaluate((each) => (window as unknown as { seen: Record<string, number> }).seen[each] ?? 0, name)

for (const [id, name] of MOVING)
  test(`${id}: what a play moved (${name}) is seen to move, at the desk and on the board, unless motion is not wanted`, async ({
    page,
    request,
  }) => {
    const game = gameById(id)!
    const file = makeMatchFile(selfPlay({ game, players: ['Ines', 'Kofi'], key: 'moves', most: 2 + PLAYS }), {})
    const entries = file.entries
    const answer = await request.post('/api/matches/import', { data: { ...file, entries: entries.slice(0, 2) } })
    const match = ((await answer.json()) as { id: string }).id
    await watchMoves(page)
    await openDesk(page, match)
    const [board, still] = [await page.context().newPage(), await page.context().newPage()]
    await still.emulateMedia({ reducedMotion: 'reduce' })
    for (const each of [board, still]) {
      await watchMoves(each)
      await each.goto(await boardOf(request, match))
      await expect(each.getByRole('region', { name: 'Table' })).toBeVisible()
    }
    for (const [i, entry] of entries.entries())
      if (i >= 2) expect((await append(request, match, i, entry)).ok()).toBe(true)
    await expect.poll(() => movesOf(page, name)).toBeGreaterThan(0)
    await expect.poll(() => movesOf(board, name)).toBeGreaterThan(0)
    expect(await movesOf(still, name)).toBe(0)
    await board.close()
    await still.close()
  })
