import { FAR, type OwnRules } from '#core/games/own-game/houseRules'

/** The rule of a recipe by which its matches are longer or shorter, and the values that make sense. */
interface RecipeLength {
  readonly rule: 'rounds' | 'goal' | 'start'
  readonly least: number
  readonly most: number
}

/** The goal is moved so many times as far away at most. */
const TIMES = 8

/** Which rule makes a recipe longer: its rounds; else how far the goal lies from where everybody begins. Null where it has neither. */
export function recipeLength({ rounds, goal, start, floor, counts, track }: OwnRules): RecipeLength | null {
  if (rounds !== null) return { rule: 'rounds', least: 1, most: 100 }
  if (goal === null) return null
  if (counts === 'place' && track)
    return goal > track.start
      ? { rule: 'goal', least: track.start + 1, most: track.to }
      : { rule: 'goal', least: track.from, most: track.start - 1 }
  const far = TIMES * Math.abs(goal - start)
  // Down to 0, and never below it: what can be moved is where everybody begins.
  if (goal < start && (goal === 0 || goal === floor))
    return { rule: 'start', least: goal + 1, most: Math.min(FAR, goal + far) }
  return goal > start
    ? { rule: 'goal', least: start + 1, most: Math.min(FAR, start + far) }
    : { rule: 'goal', least: Math.max(-FAR, floor ?? -FAR, start - far), most: start - 1 }
}
