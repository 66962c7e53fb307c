import { expect, test, type Page } from '@playwright/test'
import type { GameId } from '../../core/games/ids'
import { entriesOf, makeMatch, openDesk } from './helpers'

/** What answering on their own costs: a touch a figure, and nothing else. */
test.use({ hasTouch: true })

const PLAYS: readonly { id: GameId; touch: readonly string[]; answer: number }[] = [
  { id: 'top-total', touch: ['Rolled a 6', 'Rolled a 5'], answer: 11 },
  { id: 'table-ladder', touch: ['Rolled a 7'], answer: 21 },
  { id: 'exact-landing', touch: ['Spun +3'], answer: 8 },
  { id: 'ten-turn-haul', touch: ['Spun 7'], answer: 7 },
  {
    id: 'brim',
    touch: ['Rolled a 6', 'Rolled a 5', 'Rolled a 4', 'Rolled a 4', 'Rolled a 2', 'Record the roll'],
    answer: 21,
  },
]

const touches = (page: Page) => page.evaluate(() => (window as unknown as { touches: number }).touches)
const press = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).tap()

for (const { id, touch, answer } of PLAYS)
  test(`${id}: an answer of their own costs a touch a figure more than a refereed one`, async ({ page, request }) => {
    await page.addInitScript(() => {
      addEventListener('click', () => ((window as unknown as { touches: number }).touches += 1), true)
    })
    const counted: number[] = []
    for (const veiled of [false, true]) {
      const match = await makeMatch(request, { game: id })
      await request.patch(`/api/matches/${match}`, { data: { veiled } })
      await openDesk(page, match)
      // The second desk may come within the same page.
      await page.evaluate(() => Object.assign(window, { touches: 0 }))
      for (const name of touch) await press(page, name)
      if (veiled) for (const figure of String(answer)) await press(page, `Figure ${figure}`)
      const key = page
        .getByRole('region', { name: 'Pad' })
        .getByRole('button', { name: new RegExp(`(?<!Figure) ${answer}$`) })
      await key.tap()
      await expect
        .poll(async () => (await entriesOf(request, match)).at(-1))
        .toMatchObject({ play: { by: 1, said: answer } })
      counted.push(await touches(page))
    }
    const [refereed, own] = counted
    console.log(`${id}: ${refereed} touches refereed, ${own} on their own`)
    expect(own! - refereed!).toBe(String(answer).length)
  })
