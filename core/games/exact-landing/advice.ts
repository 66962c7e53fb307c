import { itemAt } from '#core/basics/lists'
import { SIGNS, spinFrom, type LandingRules } from '#core/games/exact-landing/rules'

interface Chance {
  readonly sign: '+' | '-'
  readonly step: number
}

/** Spins that would land on the goal from a number, each once. */
export function winningSpins(rules: LandingRules, from: number): readonly Chance[] {
  return [...new Set(rules.steps)].flatMap((step) =>
    SIGNS.filter((sign) => {
      const { to, off } = spinFrom(rules, from, sign, step)
      return off === null && to === rules.goal
    }).map((sign) => ({ sign, step })),
  )
}

/** The chance that the next spin lands on the goal: both signs and all fields of the spinner are equally likely. */
export function chanceNow(rules: LandingRules, from: number): number {
  const wins = winningSpins(rules, from)
  const fields = wins.reduce((sum, { step }) => sum + rules.steps.filter((other) => other === step).length, 0)
  return fields / (2 * rules.steps.length)
}

/** More numbers than this are not worked through. */
const MOST = 4000

/**
 * The exact mean number of spins until a piece on `from` lands on the goal, spins off the line counted; null where
 * there is none: the line goes on without end on the way, so that the mean grows without end too.
 */
export function spinsToGoal(rules: LandingRules, from: number): number | null {
  const { goal, steps, low, high } = rules
  const farthest = Math.max(...steps)
  // Numbers that can be passed through on the way, the goal left out.
  const seen = new Set([from])
  const ahead = [from]
  const [least, most] = [Math.min(low, from), Math.max(high, from)]
  for (let at = ahead.pop(); at !== undefined; at = ahead.pop()) {
    for (const step of new Set(steps))
      for (const sign of SIGNS) {
        const { to, off } = spinFrom(rules, at, sign, step)
        // A piece that stands on the goal without having landed there has to leave it and come back.
        if (off !== null || to === goal || seen.has(to)) continue
        if (to < least - farthest || to > most + farthest || seen.size > MOST) return null
        seen.add(to)
        ahead.push(to)
      }
  }
  return solve(
    rules,
    [...seen].sort((a, b) => a - b),
    from,
  )
}

/** Means over the numbers `on`, by elimination; steps are short, so each row only touches its neighbours. */
function solve(rules: LandingRules, on: readonly number[], from: number): number {
  const index = new Map(on.map((at, i) => [at, i]))
  const share = 1 / (2 * rules.steps.length)
  const rows = on.map((at, i) => {
    const row = new Map<number, number>([[i, 1]])
    for (const step of rules.steps)
      for (const sign of SIGNS) {
        const { to, off } = spinFrom(rules, at, sign, step)
        const next = off !== null ? i : to === rules.goal ? null : index.get(to)!
        if (next !== null) row.set(next, (row.get(next) ?? 0) - share)
      }
    return row
  })
  const right = on.map(() => 1)
  const farthest = Math.max(...rules.steps)
  for (let i = 0; i < on.length; i++) {
    const pivot = itemAt(rows, i).get(i)!
    for (let below = i + 1; below <= Math.min(on.length - 1, i + farthest); below++) {
      const factor = (itemAt(rows, below).get(i) ?? 0) / pivot
      if (factor === 0) continue
      itemAt(rows, below).delete(i)
      for (const [column, value] of itemAt(rows, i))
        if (column > i) itemAt(rows, below).set(column, (itemAt(rows, below).get(column) ?? 0) - factor * value)
      right[below]! -= factor * itemAt(right, i)
    }
  }
  const means: number[] = []
  for (let i = on.length - 1; i >= 0; i--) {
    let sum = itemAt(right, i)
    for (const [column, value] of itemAt(rows, i)) if (column > i) sum -= value * itemAt(means, column)
    means[i] = sum / itemAt(rows, i).get(i)!
  }
  return itemAt(means, index.get(from)!)
}
