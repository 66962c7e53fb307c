import type { Game } from '#core/contract/game'
import { closest, searchable, type Tried } from '#core/lab/search'
import type { RuleField } from '#core/kernel/ruleFields'

/** House rules by which matches are longer or shorter, the plainest first. */
const LONGER = ['rounds', 'turns', 'rungs', 'goal', 'steps', 'rows', 'slots', 'hand']
/** Minutes that are offered to be filled. */
export const FILLED = [10, 15, 20] as const
/** How far off what is found may be: 15 minutes are filled by 12 and by 19. */
const NEAR = 1.28

/** The rule that is turned so that a match fills its time; null where the game has none. */
export function lengthRule(game: Game): RuleField | null {
  const fields = searchable(game)
  return LONGER.map((name) => fields.find((field) => field.name === name)).find((field) => field !== undefined) ?? null
}

/** Of values that were tried the one that fills so many minutes; null where none comes near, or matches may not end. */
export function filling(tried: readonly Tried[], minutes: number): Tried | null {
  const best = closest(tried, minutes)
  if (!best || best.ended < 0.95) return null
  const off = Math.abs(Math.log(best.minutes.usual / minutes))
  return off <= Math.log(NEAR) ? best : null
}
