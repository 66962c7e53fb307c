import { itemAt } from '#core/basics/lists'
import { nextIn } from '#core/games/last-digit-chains/chains'
import { chainOf, type ChainRules, type Layout } from '#core/games/last-digit-chains/rules'

export interface Solved {
  /** The takes that complete the layout; null where there are none, or none were found. */
  readonly takes: readonly { readonly fan: number; readonly row: number }[] | null
  /** Whether that is certain: false where the search was stopped before its end. */
  readonly finished: boolean
  /** Positions looked at. */
  readonly states: number
}

/** So many positions between two questions whether to go on. */
const ASK_EVERY = 4096

/**
 * Whether a layout whose fans are known to the bottom can be completed without another redeal: depth-first, a position
 * (how high each fan is, how long each row) looked at once. It goes as deep as there are cards, 60 at most. Stops when
 * `goOn` says no.
 */
export function solve(
  rules: Pick<ChainRules, 'chain' | 'startsFirst'>,
  layout: Layout,
  goOn: () => boolean = () => true,
): Solved {
  const chain = chainOf(rules)
  const heights = layout.fans.map((fan) => fan.length)
  const rows = layout.rows.map((row) => [...row])
  const path: { fan: number; row: number }[] = []
  const seen = new Set<string>()
  let short = rows.filter((row) => row.length < 2).length
  let left = heights.reduce((a, b) => a + b, 0)
  let states = 0
  let stopped = false

  function search(): boolean {
    if (left === 0) return true
    if (++states % ASK_EVERY === 0 && !goOn()) stopped = true
    if (stopped) return false
    const key = String.fromCharCode(...heights, ...rows.map((row) => row.length + 32))
    if (seen.has(key)) return false
    seen.add(key)
    const wait = rules.startsFirst && short > 0
    const moves: { fan: number; row: number; height: number }[] = []
    for (let row = 0; row < rows.length; row++) {
      const laid = itemAt(rows, row)
      if (wait && laid.length >= 2) continue
      const need = nextIn(chain, row, laid)
      if (need === null) continue
      for (let fan = 0; fan < heights.length; fan++) {
        const height = itemAt(heights, fan)
        if (height > 0 && itemAt(layout.fans, fan)[height - 1] === need) moves.push({ fan, row, height })
      }
    }
    // The highest fans first: what is buried deepest must come up anyway.
    moves.sort((a, b) => b.height - a.height)
    for (const { fan, row } of moves) {
      const laid = itemAt(rows, row)
      laid.push(itemAt(itemAt(layout.fans, fan), itemAt(heights, fan) - 1))
      heights[fan]!--
      left--
      if (laid.length === 2) short--
      path.push({ fan: fan + 1, row: row + 1 })
      if (search()) return true
      path.pop()
      if (laid.length === 2) short++
      laid.pop()
      heights[fan]!++
      left++
    }
    return false
  }
  const found = search()
  return { takes: found ? path : null, finished: found || !stopped, states }
}
