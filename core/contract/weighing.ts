import type { CommonRules } from '#core/contract/commonRules'
import type { BasePlay } from '#core/contract/plays'

/** What good players weigh before they play, each thing shown at one position. */

/** One of the things that may be chosen in a position. */
export interface Option<P extends BasePlay = BasePlay> {
  /** What is chosen, in a few words. */
  readonly says: string
  /** The play, where it is one: it stands in the position, with chance that may well come. */
  readonly play?: P
  /** What it is worth, worked out from the position: more is better. */
  readonly worth: number
  /** The same as people say it: "uncovers 2 tiles". */
  readonly tells: string
}

export interface Weighing<R extends CommonRules = CommonRules, S = unknown, P extends BasePlay = BasePlay> {
  /** What to look at, in one sentence. */
  readonly look: string
  /** House rules beside the usual ones. */
  readonly houseRules?: Readonly<Record<string, unknown>>
  /** Who plays, seat 1 being on turn; two where left out. */
  readonly players?: readonly string[]
  /** The position, from the state before the first play. */
  lies(opened: S, rules: R): S
  /** What there is to choose. */
  readonly asks: string
  /** At least two, the best one first. */
  options(rules: R, state: S): readonly Option<P>[]
}

/** Three of each game. */
export type Weighings<R extends CommonRules = CommonRules, S = unknown, P extends BasePlay = BasePlay> = readonly [
  Weighing<R, S, P>,
  Weighing<R, S, P>,
  Weighing<R, S, P>,
]
