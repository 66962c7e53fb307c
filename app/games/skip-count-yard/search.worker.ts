import { expose } from 'comlink'
import { mostCards, type Found } from '#core/games/skip-count-yard/search'
import type { Yard } from '#core/games/skip-count-yard/yard'

/** The steps that play the most cards of a hand, off the page’s thread; it stops by itself after `most` milliseconds. */
const worker = {
  mostCards(
    sets: readonly number[],
    yard: Yard,
    hand: readonly number[],
    tail: boolean,
    most: number,
    tell: (part: number) => void,
  ): Found {
    const start = performance.now()
    return mostCards(sets, yard, hand, tail, () => {
      const passed = performance.now() - start
      tell(passed / most)
      return passed < most
    })
  },
}

expose(worker)
export type YardSearch = typeof worker
