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
