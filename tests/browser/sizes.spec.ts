import { expect, test, type Page } from '@playwright/test'
import { makeMatchFile } from '../../core/format/matchFile'
import { GAMES } from '../../core/games/index'
import { selfPlay } from '../../core/kernel/selfPlay'

/** What is pointed at, and read, at every desk while it is played, with two and with all seats. */
test.use({ hasTouch: true })

/** A laptop, and a tablet held upright. */
const DESKS = [
  [1280, 800],
  [800, 1100],
] as const
/** Pixels at least: of a target across and down, and of a letter. */
const [TARGET, LETTER] = [44, 13]
const NAMES = [
  'Ferrymaster1',
  'Lanternlight',
  'Harbourpilot',
  'Capstancrew4',
  'Mooringbuoys',
  'Gangwayboat6',
  'Anchorchain7',
  'Herringgull8',
]
/**
 * Looked over: the other layouts beside one's own are an overview, each of them one large target that leads there, and they
 * are scrolled to.
 */
const OVERVIEW = '[role="group"][aria-label^="The other"]'

const tooSmall = (page: Page) =>
  page.evaluate(
    ({ target, letter, overview }) => {
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
      const walker = document.createTreeWalker(desk, NodeFilter.SHOW_TEXT)
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const text = node.textContent!.trim()
        const holder = node.parentElement!
        if (!text || holder.closest('.sr-only, title') || !seen(holder)) continue
        const size = parseFloat(getComputedStyle(holder).fontSize)
        const matrix = holder instanceof SVGGraphicsElement ? holder.getScreenCTM() : null
        const px = matrix ? size * Math.hypot(matrix.b, matrix.d) : size * holder.currentCSSZoom
        if (px < letter - 0.15) found.add(`“${text}”: ${px.toFixed(1)} px`)
      }
      return [...found]
    },
    { target: TARGET, letter: LETTER, overview: OVERVIEW },
  )

for (const game of GAMES) {
  const { low, high } = game.about.seats
  for (const seats of [...new Set([Math.max(2, low), high])])
    test(`${game.id}: at the desk of ${seats} nothing is too small to be touched or read`, async ({
      page,
      request,
    }) => {
      await page.emulateMedia({ reducedMotion: 'reduce' })
      const tape = selfPlay({ game, players: NAMES.slice(0, seats), key: 'sizes', most: 2 })
      const answer = await request.post('/api/matches/import', { data: makeMatchFile(tape, {}) })
      const { id } = (await answer.json()) as { id: string }
      await page.goto(`/match/${id}`)
      await expect(page.getByRole('region', { name: 'Pad' })).toBeVisible()
      for (const [width, height] of DESKS) {
        await page.setViewportSize({ width, height })
        await expect.poll(async () => [width, await tooSmall(page)]).toEqual([width, []])
      }
    })
}
