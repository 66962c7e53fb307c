import { lastOf } from '#core/basics/lists'
import { combined, facesOfDie } from '#core/kit/dice'
import type { TopRules, TopState } from '#core/games/top-total/rules'

/** The exact chances of the next roll against the best result that lies; they sum to 1. */
interface Chances {
  readonly better: number
  readonly level: number
  readonly worse: number
}

/** Every result that a roll may have, with its chance, lowest first. */
export function resultsOf({ dice, sides, combine }: Pick<TopRules, 'dice' | 'sides' | 'combine'>): Map<number, number> {
  let chances = new Map(facesOfDie(sides).map((face) => [face, 1 / sides]))
  for (let die = 1; die < dice; die++) {
    const next = new Map<number, number>()
    for (const [result, chance] of chances)
      for (const face of facesOfDie(sides)) {
        const { equals } = combined([result, face], combine)
        next.set(equals, (next.get(equals) ?? 0) + chance / sides)
      }
    chances = next
  }
  return new Map([...chances].sort(([a], [b]) => a - b))
}

/** The best result rolled in this pass so far; null before the first. */
export function bestSoFar({ better }: Pick<TopRules, 'better'>, { passes }: Pick<TopState, 'passes'>): number | null {
  const { results } = lastOf(passes)
  if (!results.length) return null
  return better === 'higher' ? Math.max(...results) : Math.min(...results)
}

/** How likely the next roll beats what lies; null before the first roll of a pass. */
export function chancesNow(rules: TopRules, state: TopState): Chances | null {
  const best = bestSoFar(rules, state)
  if (best === null) return null
  let [better, level] = [0, 0]
  for (const [result, chance] of resultsOf(rules)) {
    if (result === best) level += chance
    else if (result > best === (rules.better === 'higher')) better += chance
  }
  return { better, level, worse: 1 - better - level }
}
