import { expect, type APIRequestContext, type Page } from '@playwright/test'
import { makeMatchFile } from '../../core/format/matchFile'
import type { Game } from '../../core/contract/game'
import { selfPlay } from '../../core/kernel/selfPlay'

/** Twelve letters each, the longest that a board must carry in one line; as many as any table has seats. */
export const NAMES = [
  'Ferrymaster1',
  'Lanternlight',
  'Harbourpilot',
  'Capstancrew4',
  'Mooringbuoys',
  'Gangwayboat6',
  'Anchorchain7',
  'Herringgull8',
]

/** A match that so many bots have played for a while; returns its id. */
export async function playedByBots(
  request: APIRequestContext,
  game: Game,
  seats: number,
  { key, plays, houseRules = {} }: { key: string; plays: number; houseRules?: Record<string, unknown> },
): Promise<string> {
  const tape = selfPlay({ game, houseRules, players: NAMES.slice(0, seats), key, most: plays })
  const answer = await request.post('/api/matches/import', { data: makeMatchFile(tape, houseRules) })
  expect(answer.status()).toBe(201)
  return ((await answer.json()) as { id: string }).id
}

/** Texts within an element whose letters are smaller than `least` pixels as they are seen; those within `but` aside. */
export const smallTexts = (page: Page, within: string, least: number, but = '.sr-only') =>
  page.evaluate(
    ([root, most, aside]) => {
      const found = new Set<string>()
      const walker = document.createTreeWalker(document.querySelector(root)!, NodeFilter.SHOW_TEXT)
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const text = node.textContent!.trim()
        const holder = node.parentElement!
        if (!text || !holder.checkVisibility({ visibilityProperty: true })) continue
        if (holder.closest('.sr-only, title') || holder.closest(aside)) continue
        const size = parseFloat(getComputedStyle(holder).fontSize)
        const matrix = holder instanceof SVGGraphicsElement ? holder.getScreenCTM() : null
        const seen = matrix ? size * Math.hypot(matrix.b, matrix.d) : size * holder.currentCSSZoom
        if (seen < most) found.add(`${text}: ${seen.toFixed(1)} px`)
      }
      return [...found]
    },
    [within, least, but] as const,
  )

/**
 * Texts within `root` that lie over each other, in words; what is scrolled away or lies under something opaque is not
 * seen.
 */
export const textsOverTexts = (page: Page, root: string) =>
  page.evaluate((within) => {
    const texts: { text: string; node: Node; left: number; top: number; right: number; bottom: number }[] = []
    const walker = document.createTreeWalker(document.querySelector(within)!, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const text = node.textContent!.trim()
      const holder = node.parentElement!
      if (!text || !holder.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue
      if (holder.closest('.sr-only, title')) continue
      const seen = { left: 0, top: 0, right: innerWidth, bottom: innerHeight }
      for (let at: HTMLElement | null = holder; at; at = at.parentElement) {
        const { overflow, clipPath } = getComputedStyle(at)
        // Kept for those who listen.
        if (clipPath.startsWith('inset(50%')) seen.right = -1
        if (overflow === 'visible') continue
        const box = at.getBoundingClientRect()
        seen.left = Math.max(seen.left, box.left)
        seen.top = Math.max(seen.top, box.top)
        seen.right = Math.min(seen.right, box.right)
        seen.bottom = Math.min(seen.bottom, box.bottom)
      }
      const range = document.createRange()
      range.selectNodeContents(node)
      for (const box of range.getClientRects()) {
        const [left, top] = [Math.max(box.left, seen.left), Math.max(box.top, seen.top)]
        const [right, bottom] = [Math.min(box.right, seen.right), Math.min(box.bottom, seen.bottom)]
        if (right - left > 1 && bottom - top > 1) texts.push({ text, node, left, top, right, bottom })
      }
    }
    /** Whether something that stays while the rest is scrolled hides one of two texts at a point. */
    const hides = (x: number, y: number, one: Node, other: Node) => {
      for (const at of document.elementsFromPoint(x, y)) {
        if (at.contains(one) && at.contains(other)) return false
        const { backgroundColor } = getComputedStyle(at)
        if (backgroundColor === 'rgba(0, 0, 0, 0)' || /[,/] 0(\.\d+)?\)$/.test(backgroundColor)) continue
        // On a phone a long verdict grows over the table, which is scrolled.
        if (at.closest('.verdict')) return true
        for (let up: Element | null = at; up; up = up.parentElement)
          if (['sticky', 'fixed'].includes(getComputedStyle(up).position)) return true
        return false
      }
      return false
    }
    const found = new Set<string>()
    texts.forEach((one, i) => {
      for (const other of texts.slice(i + 1)) {
        if (other.node === one.node) continue
        const [left, right] = [Math.max(one.left, other.left), Math.min(one.right, other.right)]
        const [top, bottom] = [Math.max(one.top, other.top), Math.min(one.bottom, other.bottom)]
        const thin = Math.min(one.right - one.left, other.right - other.left)
        const low = Math.min(one.bottom - one.top, other.bottom - other.top)
        // Lines of text are higher than their letters: what touches by less is apart.
        if (right - left <= 1 || bottom - top <= 0.35 * low || right - left <= 0.12 * thin) continue
        if (!hides((left + right) / 2, (top + bottom) / 2, one.node, other.node))
          found.add(`“${one.text.slice(0, 30)}” over “${other.text.slice(0, 30)}”`)
      }
    })
    return [...found]
  }, root)
