import { itemAt } from '#core/basics/lists'
import { facesOfDie } from '#core/kit/dice'
import { isHome, stepFrom, type StepRules } from '#core/games/step-and-gather/rules'

/** What a roll would bring. */
interface Bring {
  readonly roll: number
  readonly to: number
  readonly gathered: number
}

/** What each roll would bring from a space; none from home. */
export function bringsFrom(rules: StepRules, from: number): readonly Bring[] {
  return isHome(rules, from) ? [] : facesOfDie(rules.sides).map((roll) => ({ roll, ...stepFrom(rules, from, roll) }))
}

/** What may still come from a space to home: the most cubes with the luckiest rolls, and the mean with fair ones. Exact. */
export function stillToCome(rules: StepRules, from: number): { readonly most: number; readonly mean: number } {
  const most = Array.from({ length: rules.path.length + 1 }, () => 0)
  const mean = [...most]
  for (let at = rules.path.length - 1; at >= from; at--) {
    const moves = bringsFrom(rules, at).filter(({ to }) => to !== at)
    most[at] = Math.max(...moves.map(({ to, gathered }) => gathered + itemAt(most, to)))
    // A roll that leads nowhere is rolled again later: only those that move count.
    mean[at] = moves.reduce((sum, { to, gathered }) => sum + gathered + itemAt(mean, to), 0) / moves.length
  }
  return { most: most[from] ?? 0, mean: mean[from] ?? 0 }
}
