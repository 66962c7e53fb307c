import type { Facts } from '#core/verdict'

/** Something wrong with a file or its setup, found before play: where, and a code with its facts. */
export interface Problem {
  /** Dotted path into the file: `houseRules.limit`. */
  readonly path: string
  readonly code: string
  readonly facts: Facts
}

export function problem(path: string, code: string, facts: Facts = {}): Problem {
  return { path, code, facts }
}
