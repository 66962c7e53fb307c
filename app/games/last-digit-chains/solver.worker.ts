import { expose } from 'comlink'
import type { ChainRules, Layout } from '#core/games/last-digit-chains/rules'
import { solve, type Solved } from '#core/games/last-digit-chains/solve'

/** Whether a layout can still be completed, off the page’s thread; it stops by itself after `most` milliseconds. */
const worker = {
  solve(rules: ChainRules, layout: Layout, most: number, tell: (part: number) => void): Solved {
    const start = performance.now()
    return solve(rules, layout, () => {
      const passed = performance.now() - start
      tell(passed / most)
      return passed < most
    })
  },
}

expose(worker)
export type ChainSolver = typeof worker
