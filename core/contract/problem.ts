import type { Coded, Codes, CommonProblems, Facts } from '#core/contract/codes'
/** Something wrong with a file or its setup, found before play: where, and a code with its facts. */
export interface Problem {
  /** Dotted path into the file: `houseRules.limit`. */
  readonly path: string
  readonly code: string
  readonly facts: Facts
}

/** A problem that a game may find: one that all games share, or one of its own, which it says as a reason. */
export type ProblemOf<C extends Codes> = { readonly path: string } & Coded<CommonProblems & C['reasons']>

/** A problem that all games share. */
export type CommonProblem = { readonly path: string } & Coded<CommonProblems>

export function problem<C extends keyof CommonProblems>(path: string, code: C, facts: CommonProblems[C]) {
  return { path, code, facts }
}
