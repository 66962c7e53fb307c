import { expose } from 'comlink'
import { choices, oddsFor, type Choice } from '#core/games/brim/odds'
import type { BrimRules, BrimState } from '#core/games/brim/rules'

/** Exact odds off the page's thread: with many large dice they take a while. */
const worker = {
  choices: (rules: BrimRules, state: BrimState): Choice[] => choices(rules, state, oddsFor(rules)),
}

expose(worker)
export type BrimOddsWorker = typeof worker
