import { expose } from 'comlink'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import { solve, type Deal, type Solved } from '#core/games/roof-tiles/solve'

/** The search for the best reachable score, off the page's thread; it stops by itself after `most` milliseconds. */
const worker = {
  solve(rules: RoofRules, deal: Deal, most: number, tell: (part: number) => void): Solved {
    const start = performance.now()
    return solve(rules, deal, () => {
      const passed = performance.now() - start
      tell(passed / most)
      return passed < most
    })
  },
}

expose(worker)
export type RoofSolver = typeof worker
