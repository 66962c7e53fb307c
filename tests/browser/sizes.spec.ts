import { expect, test, type Page } from '@playwright/test'
import * as fc from 'fast-check'
import { gameById, GAMES } from '../../core/games/index'
import { readHouseRules } from '../../core/kernel/houseRules'
import { recipes } from '../unit/recipes'
import { playedByBots, smallTexts, textsOverTexts } from './bots'
import { visit } from './helpers'

/** What is pointed at, and read, at every desk while it is played, with two and with all seats. */
test.use({ hasTouch: true })

/** Pixels at least, of a target across and down, of a letter, and of a main figure: a score, a number to be touched. */
interface Least {
  readonly target: number
  readonly letter: number
  readonly figure: number
}
const LARGE: Least = { target: 44, letter: 13, figure: 20 }
/**
 * On a phone the table stands at 0.88 of its size before it is scrolled. 640 x 400 is a screen of 1280 x 800 at 200 %, where
 * each of these pixels is two; the squares of a long track are the least there.
 */
const DESKS = [
  { width: 1280, height: 800, least: LARGE },
  { width: 800, height: 1100, least: LARGE },
  { width: 390, height: 844, least: { target: 38, letter: 12, figure: 17 } },
  { width: 640, height: 400, least: { target: 38, letter: 9.5, figure: 17 } },
] as const
/** What a browser's rounding takes off a letter. */
const ROUNDING = 0.15
/**
 * Looked over: the other layouts beside one's own are an overview, each of them one large target that leads there, and they
 * are scrolled to.
 */
const OVERVIEW = '[role="group"][aria-label^="The other"]'

const smallTargets = (page: Page, least: number) =>
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
    { target: least, overview: OVERVIEW },
  )

/** Main figures that are smaller than they should be. */
const smallFigures = (page: Page, least: number) =>
  page.evaluate((most) => {
    const found = new Set<string>()
    for (const each of document.querySelectorAll<HTMLElement>('.desk [data-score], .desk .pad .key')) {
      const figure = each.firstChild?.textContent?.trim() ?? ''
      if (!/^[−-]?\d+$/.test(figure) || !each.checkVisibility()) continue
      const size = parseFloat(getComputedStyle(each).fontSize) * each.currentCSSZoom
      if (size < most) found.add(`figure ${figure}: ${size.toFixed(1)} px`)
    }
    return [...found]
  }, least)

/**
 * What is cut off: words that end in dots, and a page wider than its window. The other tables' names stand whole in their
 * list.
 */
const cutOff = (page: Page) =>
  page.evaluate(() => {
    const found = new Set<string>()
    for (const each of document.querySelectorAll<HTMLElement>('.desk *')) {
      const { textOverflow, webkitLineClamp } = getComputedStyle(each)
      if ((textOverflow !== 'ellipsis' && webkitLineClamp === 'none') || !each.checkVisibility()) continue
      if (each.closest('.sr-only, .others, [role="group"][aria-label^="The other"]')) continue
      if (each.scrollWidth > each.clientWidth + 1 || each.scrollHeight > each.clientHeight + 2)
        found.add(`cut: ${each.textContent?.trim()}`)
    }
    for (const each of document.querySelectorAll<HTMLElement>('.desk .scrolls'))
      if (each.scrollWidth > each.clientWidth + 1) found.add(`scrolled sideways: ${each.getAttribute('aria-label')}`)
    const wider = document.documentElement.scrollWidth - window.innerWidth
    if (wider <= 0) return [...found]
    const beyond = [...document.querySelectorAll('body *')].filter(
      (each) => each.getBoundingClientRect().right > window.innerWidth + 1,
    )
    return [...found, `${wider} px beyond the window: ${beyond.at(-1)?.outerHTML.slice(0, 90)}`]
  })

/** The least that a fault may tell: `Rolled a 6: 44 x 48` is 44, `figure 7: 17.4 px` is 17.4. */
const leastOf = (told: readonly string[]) =>
  Math.min(
    ...told.map((each) => Math.min(.../([\d.]+)(?: x ([\d.]+)| px)$/.exec(each)!.slice(1).filter(Boolean).map(Number))),
  )
/** One line of the table of sizes. */
async function measured(page: Page): Promise<string> {
  const [targets, letters, figures] = [
    await smallTargets(page, Infinity),
    await smallTexts(page, '.desk', Infinity, OVERVIEW),
    await smallFigures(page, Infinity),
  ].map(leastOf)
  return `targets ${targets}, letters ${letters}, figures ${figures === Infinity ? '–' : figures}`
}

/** What is wrong with a desk as it stands, at every size; what has just been fitted is looked at once more. */
async function faultsOf(page: Page, note: (line: string) => void): Promise<string[]> {
  const faults: string[] = []
  for (const { width, height, least } of DESKS) {
    await page.setViewportSize({ width, height })
    const found = async () => [
      ...(await smallTargets(page, least.target)),
      ...(await smallTexts(page, '.desk', least.letter - ROUNDING, OVERVIEW)),
      ...(await smallFigures(page, least.figure)),
      ...(await cutOff(page)),
      ...(await textsOverTexts(page, '.desk')),
    ]
    let last = await found()
    for (let tries = 0; last.length && tries < 8; tries++) {
      await page.waitForTimeout(100)
      last = await found()
    }
    note(`${width} x ${height}: ${await measured(page)}`)
    faults.push(...last.map((fault) => `${width} x ${height}: ${fault}`))
  }
  return faults
}

for (const game of GAMES) {
  const { low, high } = game.about.seats
  for (const seats of [...new Set([Math.max(2, low), high])])
    test(`${game.id}: at the desk of ${seats} nothing is too small to be touched or read, cut off, or over another`, async ({
      page,
      request,
    }) => {
      const faults: string[] = []
      for (const plays of [2, 30, 400]) {
        await page.emulateMedia({ reducedMotion: 'reduce', colorScheme: plays === 30 ? 'dark' : 'light' })
        const id = await playedByBots(request, game, seats, { key: 'sizes', plays })
        await visit(page, `/match/${id}`)
        await expect(page.getByRole('list', { name: 'Players' })).toBeVisible()
        const note = (line: string) => console.log(`${game.id} of ${seats}, ${plays} plays, ${line}`)
        faults.push(...(await faultsOf(page, note)).map((fault) => `${plays} plays, ${fault}`))
      }
      expect(faults).toEqual([])
    })
}

/** Recipes of an own game: every beginning of the workshop, and some drawn at random. */
const own = gameById('own-game')!
const DRAWN = 20
/** As long as a title may be. */
const LONG_TITLE = 'Herring barrels from quay to lightship 2'
const recipesTried: readonly (readonly [name: string, rules: Record<string, unknown>, seats: number])[] = [
  ...own.presets.map(({ id, rules }) => [id, rules as Record<string, unknown>, 6] as const),
  ...(fc.sample(recipes, { numRuns: 2000, seed: 28 }) as Record<string, unknown>[])
    .filter((rules) => readHouseRules(own, rules, 3).ok)
    .slice(0, DRAWN)
    .map((rules, i) => [`drawn ${i + 1}`, { ...rules, title: LONG_TITLE }, 3] as const),
]
const AT_ONCE = 5
for (let from = 0; from < recipesTried.length; from += AT_ONCE) {
  const some = recipesTried.slice(from, from + AT_ONCE)
  test(`own-game: desks of ${some.map(([name]) => name).join(', ')} are read and touched at every size`, async ({
    page,
    request,
  }) => {
    const faults: string[] = []
    for (const [name, houseRules, seats] of some) {
      const id = await playedByBots(request, own, seats, { key: 'sizes', plays: 14, houseRules })
      await visit(page, `/match/${id}`)
      await expect(page.getByRole('list', { name: 'Players' })).toBeVisible()
      const found = await faultsOf(page, (line) => console.log(`${name}, ${line}`))
      faults.push(...found.map((fault) => `${name}: ${fault}`))
    }
    expect(faults).toEqual([])
  })
}
