import { expect, test } from '@playwright/test'
import { GAMES } from '../../core/games/index'
import { readHouseRules } from '../../core/houseRules'

test.use({ hasTouch: true })

/** Each school of each game is chosen by touch, read back in plain sentences, and started as it was agreed. */
for (const game of GAMES)
  test(`every school of ${game.about.title} is read back and can be started`, async ({ page, request }) => {
    await page.goto(`/new?game=${game.id}`)
    const agreed = page.getByRole('region', { name: 'Agreed' })
    await expect(agreed.getByRole('heading', { level: 2 })).toHaveText(`Agreed for ${game.about.title}`)
    for (const [i, name] of ['Wren', 'Kofi'].entries()) await page.getByLabel(`Name in seat ${i + 1}`).fill(name)
    await page.getByText('The app deals', { exact: true }).tap()
    for (const { label, rules } of game.presets) {
      await page.getByRole('button', { name: label, exact: true }).tap()
      const read = readHouseRules(game, rules, 2)
      if (!read.ok) throw new Error(JSON.stringify(read.problems))
      for (const sentence of game.wording.slip(read.rules as never)) await expect(agreed.getByText(sentence, { exact: true })).toBeVisible()
      for (const { count, what } of game.prepare(read.rules as never, 2).needs) await expect(agreed).toContainText(`${count} ${what}`)
      // No control complains of rules that fit.
      await expect(page.locator('[data-rule] [role="alert"]')).toHaveCount(0)
    }
    await page.getByRole('button', { name: 'Start the match' }).tap()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(game.about.title)
    const id = new URL(page.url()).pathname.split('/').at(-1)!
    const match = (await (await request.get(`/api/matches/${id}`)).json()) as { houseRules: object; source: string; seats: { name: string }[] }
    expect(match.houseRules).toEqual(game.presets.at(-1)!.rules)
    expect([match.source, match.seats.map(({ name }) => name)]).toEqual(['dealt', ['Wren', 'Kofi']])
  })
