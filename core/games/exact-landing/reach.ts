/** What the steps of a line can reach. */
interface Line {
  readonly low: number
  readonly high: number
  readonly start: number
  readonly goal: number
  readonly steps: readonly number[]
  readonly over: string
  readonly under: string
}

/**
 * Whether the steps can lead from the start to the goal. An end that goes on is followed as far as it can matter: two
 * steps beyond, on which everything that can be reached at all is reached.
 */
export function canReach({ low, high, start, goal, steps, over, under }: Line): boolean {
  const far = 2 * Math.max(...steps) * steps.length
  const [least, most] = [under === 'extend' ? low - far : low, over === 'extend' ? high + far : high]
  const seen = new Set([start])
  const ahead = [start]
  for (let at = ahead.pop(); at !== undefined; at = ahead.pop())
    for (const step of steps)
      for (const to of [at + step, at - step]) {
        if (to < least || to > most || seen.has(to)) continue
        seen.add(to)
        ahead.push(to)
      }
  return seen.has(goal)
}
