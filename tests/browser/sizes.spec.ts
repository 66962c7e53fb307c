import { expect, test, type Page } from '@playwright/test'
import { GAMES } from '../../core/games/index'
import { playedByBots, smallTexts } from './bots'

/** What is pointed at, and read, at every desk while it is played, with two and with all seats. */
test.use({ hasTouch: true })

/** A laptop, and a tablet held upright. */
const DESKS = [
  [1280, 800],
  [800, 1100],
] as const
/** Pixels at least: of a target across and down, and of a letter. */
const [TARGET, LETTER] = [44, 13]
/** What a browser's rounding takes off a letter. */
const ROUNDING = 0.15
/**
 * Looked over: the other layouts beside one's own are an overview, each of them one large target that leads there, and they
 * are scrolled to.
 */
const OVERVIEW = '[role="group"][aria-label^="The other"]'

const smallTargets = (page: Page) =>
  page.evaluate(
    ({ target, overview }) => {
      const desk = document.querySelector<HTMLElement>('.desk')!
      const seen = (element: Element) =>
        element.checkVisibility({ visibilityProperty: true, opacityProperty: true }) && !element.closest(overview)
      const found = new Set<string>()
      for (const each of desk.querySelectorAll<HTMLElement>('button, a[href], input, textarea, [role="switch"]')) {
        // What has a label is touched on it as well.
        const label = each.id ? desk.querySelector(`label[for="${CSS.escape(each.id)}"]`) : null
        const boxes = [each, ...(label ? [label] : [])].map((part) => part.getBoundingClientRect())
        const [width, height] = [
          Math.max(...boxes.map(({ right }) => right)) - Math.min(...boxes.map(({ left }) => left)),
          Math.max(...boxes.map(({ height: high }) => high)),
        ]
        if (width < 1 || height < 1 || !seen(each)) continue
        // A switch in a line of text is as high as the line.
        if (each.getAttribute('role') === 'switch') continue
        if (Math.min(width, height) < target - 0.6)
          found.add(
            `${each.getAttribute('aria-label') ?? each.textContent?.trim()}: ${Math.round(width)} x ${Math.round(height)}`,
          )
      }
      return [...found]
    },
    { target: TARGET, overview: OVERVIEW },
  )

for (const game of GAMES) {
  const { low, high } = game.about.seats
  for (const seats of [...new Set([Math.max(2, low), high])])
    test(`${game.id}: at the desk of ${seats} nothing is too small to be touched or read`, async ({
      page,
      request,
    }) => {
      await page.emulateMedia({ reducedMotion: 'reduce' })
      const id = await playedByBots(request, game, seats, { key: 'sizes', plays: 2 })
      await page.goto(`/match/${id}`)
      await expect(page.getByRole('region', { name: 'Pad' })).toBeVisible()
      for (const [width, height] of DESKS) {
        await page.setViewportSize({ width, height })
        const small = async () => [
          ...(await smallTargets(page)),
          ...(await smallTexts(page, '.desk', LETTER - ROUNDING, OVERVIEW)),
        ]
        await expect.poll(async () => [width, await small()]).toEqual([width, []])
      }
    })
}
