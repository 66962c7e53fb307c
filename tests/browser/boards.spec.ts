import { expect, test, type Page } from '@playwright/test'
import * as fc from 'fast-check'
import { gameById, GAMES } from '../../core/games/index'
import { readHouseRules } from '../../core/kernel/houseRules'
import { recipes } from '../unit/recipes'
import { playedByBots, smallTexts } from './bots'
import { boardOf, visit } from './helpers'

/**
 * What a board shows: nothing to operate, nothing beyond its frame, no text over another, and letters that are read from the
 * back row, in every game, early, in the middle and in the end, and at every size of table.
 */
const SCREENS = [
  [1280, 720],
  [1920, 1080],
] as const
/** Letters that are read from the back row, in pixels of a screen 720 high. */
const LEAST = 24
/** What a browser's rounding takes off. */
const ROUNDING = 0.3
/** Everything that is wrong with the picture in `region`, in words. */
const faultsOf = (page: Page) =>
  page.evaluate(() => {
    const region = document.querySelector<HTMLElement>('[aria-label="Table"]')!
    const frame = region.getBoundingClientRect()
    const faults: string[] = []
    const inside = (box: DOMRect) =>
      box.left >= frame.left - 2 &&
      box.top >= frame.top - 2 &&
      box.right <= frame.right + 2 &&
      box.bottom <= frame.bottom + 2
    const shown = (element: Element) => {
      for (let at: Element | null = element; at && at !== region; at = at.parentElement) {
        const { visibility, display, opacity, clipPath } = getComputedStyle(at)
        if (visibility === 'hidden' || display === 'none' || opacity === '0' || clipPath.startsWith('inset(50%'))
          return false
        if (at.classList.contains('sr-only')) return false
      }
      return true
    }
    for (const control of region.querySelectorAll(
      'button, input, select, textarea, a[href], label, [role="button"], [role="switch"], [role="checkbox"]',
    ))
      if (shown(control)) faults.push(`a control: ${control.outerHTML.slice(0, 80)}`)
    // What is drawn: shapes, pictures, and boxes that have a border or a ground of their own.
    for (const drawn of region.querySelectorAll('svg *, img, span, div, li, td, th, b, p')) {
      const box = drawn.getBoundingClientRect()
      if (box.width < 1 || box.height < 1 || inside(box) || !shown(drawn)) continue
      const { borderTopWidth, backgroundColor } = getComputedStyle(drawn)
      const visible =
        drawn instanceof SVGGraphicsElement
          ? !drawn.closest('defs, clipPath, mask, symbol, pattern, g') || drawn.tagName !== 'g'
          : borderTopWidth !== '0px' || backgroundColor !== 'rgba(0, 0, 0, 0)'
      if (visible && drawn.tagName !== 'g' && !drawn.closest('defs, clipPath, mask, symbol, pattern'))
        faults.push(
          `outside: ${drawn.tagName}.${drawn.getAttribute('class') ?? ''} ${[box.left - frame.left, box.top - frame.top, box.right - frame.right, box.bottom - frame.bottom].map(Math.round).join(' ')}`,
        )
    }
    const texts: { text: string; box: DOMRect; node: Node }[] = []
    const walker = document.createTreeWalker(region, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const text = node.textContent!.trim()
      if (!text || !node.parentElement || !shown(node.parentElement)) continue
      const range = document.createRange()
      range.selectNodeContents(node)
      for (const box of range.getClientRects()) if (box.width > 0.5 && box.height > 0.5) texts.push({ text, box, node })
    }
    for (const { text, box } of texts) if (!inside(box)) faults.push(`outside: “${text}”`)
    texts.forEach((one, i) => {
      for (const other of texts.slice(i + 1)) {
        if (other.node === one.node) continue
        // Lines of text are higher than their letters: what touches by less is apart.
        const across = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left)
        const down = Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top)
        const [thin, low] = [Math.min(one.box.width, other.box.width), Math.min(one.box.height, other.box.height)]
        if (across > 1 && down > 0.35 * low && across > 0.12 * thin) faults.push(`“${one.text}” over “${other.text}”`)
      }
    })
    return [...new Set(faults)]
  })

/** How much of its frame a picture fills, in percent: the box around all that is drawn or written in it. */
const usedOf = (page: Page) =>
  page.evaluate(() => {
    const region = document.querySelector<HTMLElement>('[aria-label="Table"]')!
    const frame = region.getBoundingClientRect()
    const [left, top, right, bottom]: number[][] = [[], [], [], []]
    for (const each of region.querySelectorAll<HTMLElement | SVGElement>('*')) {
      const box = each.getBoundingClientRect()
      if (box.width < 2 || box.height < 2 || !each.checkVisibility() || each.closest('.sr-only')) continue
      const { backgroundColor, borderTopWidth } = getComputedStyle(each)
      const bare = backgroundColor === 'rgba(0, 0, 0, 0)' && borderTopWidth === '0px'
      // What only holds others is as large as it likes.
      if (each instanceof HTMLElement && bare && (each.children.length || !each.textContent?.trim())) continue
      left!.push(box.left)
      top!.push(box.top)
      right!.push(box.right)
      bottom!.push(box.bottom)
    }
    const area = (Math.max(...right!) - Math.min(...left!)) * (Math.max(...bottom!) - Math.min(...top!))
    return Math.round((100 * area) / (frame.width * frame.height))
  })
/** In a usual position, in the midst of a match. */
const USED = 85

/** What is wrong with the board of a match at every size; a picture that has just been fitted is looked at once more. */
async function faultsOfBoard(page: Page, board: string, letters = true): Promise<string[]> {
  await visit(page, board)
  const faults: string[] = []
  for (const [width, height] of SCREENS) {
    await page.setViewportSize({ width, height })
    await expect(page.getByRole('region', { name: 'Table' })).toBeVisible()
    let found: string[] = []
    for (let tries = 0; tries < 4; tries++) {
      await page.waitForTimeout(120)
      found = await faultsOf(page)
      if (letters) found.push(...(await smallTexts(page, '.screen', (LEAST * height) / 720 - ROUNDING)))
      if (!found.length) break
    }
    faults.push(...found.map((fault) => `${width}: ${fault}`))
  }
  return faults
}

for (const game of GAMES) {
  const { low, high } = game.about.seats
  for (const seats of [...new Set([Math.max(2, low), high])])
    test(`${game.id}: the board of ${seats} is a picture within its frame`, async ({ page, request }) => {
      await page.emulateMedia({ reducedMotion: 'reduce' })
      const faults: string[] = []
      for (const plays of [0, 30, 400]) {
        const match = await playedByBots(request, game, seats, { key: 'boards', plays })
        const found = await faultsOfBoard(page, await boardOf(request, match))
        if (plays === 30) {
          const used = await usedOf(page)
          console.log(`board of ${seats}, ${game.id}: ${used} % of the frame`)
          if (used < USED) found.push(`only ${used} % of the frame is used`)
        }
        faults.push(...found.map((fault) => `${plays} plays, ${fault}`))
      }
      expect(faults).toEqual([])
    })
}

/** Recipes tried out: as many as a suite has time for, the same ones each time. */
const TRIED = 50
const own = gameById('own-game')!
const inOrder = fc
  .sample(recipes, { numRuns: 3000, seed: 23 })
  .filter((rules) => readHouseRules(own, rules, 3).ok)
  .slice(0, TRIED) as Record<string, unknown>[]

for (let from = 0; from < TRIED; from += 10)
  test(`own-game: boards of random recipes ${from + 1} to ${from + 10} are pictures within their frame`, async ({
    page,
    request,
  }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' })
    for (const rules of inOrder.slice(from, from + 10)) {
      const match = await playedByBots(request, own, 3, { key: 'boards', plays: 14, houseRules: rules })
      // A recipe may have a track of a thousand places: then its numbers are for those who stand before it.
      expect([rules, await faultsOfBoard(page, await boardOf(request, match), false)]).toEqual([rules, []])
    }
  })
