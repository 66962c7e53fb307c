import { expose } from 'comlink'
import { choices, Odds, type Choice } from '#core/games/brim/odds'
import type { BrimRules, BrimState } from '#core/games/brim/rules'

/** Exact odds off the page's thread: with many large dice they take a while. */
const worker = {
  /** Every choice in each of these positions; `tell` hears which part is done, 0 to 1. */
  choices(rules: BrimRules, states: readonly BrimState[], tell: (part: number) => void): Choice[][] {
    const odds = new Odds(rules, tell)
    return states.map((state) => choices(rules, state, odds))
  },
}

expose(worker)
export type BrimOddsWorker = typeof worker
