import { expose } from 'comlink'
import { lengthOf, type Length } from '#core/kernel/estimate'
import { gameById } from '#core/games/index'

/** How long matches are, off the page’s thread: as many as fit into `most` milliseconds, 200 at most. */
const worker = {
  lengthOf(game: string, houseRules: Record<string, unknown>, seats: number, most: number): Length | null {
    const found = gameById(game)
    const start = performance.now()
    return found ? lengthOf({ game: found, houseRules, seats }, () => performance.now() - start < most) : null
  },
}

expose(worker)
export type Estimator = typeof worker
