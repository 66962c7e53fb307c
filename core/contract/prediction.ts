/** What the room may be asked before chance speaks; nothing in the match depends on it. */
export interface Prediction<R, S, P> {
  /** Known again by it on the tape's second screen and after a reload. */
  readonly id: string
  readonly asks: string
  /** Two to six answers; null where it can't be asked now. */
  choices(rules: R, state: S): readonly string[] | null
  /**
   * Which answer a play that stands brought, from 0, seen from the states before and after it, and the one in which it was
   * asked; null where it decides nothing yet.
   */
  came(rules: R, before: S, play: P, after: S, asked: S): number | null
}
