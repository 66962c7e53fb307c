import type { Codes } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import type { BasePlay } from '#core/contract/plays'

/** The smallest picture of a game that decides whether a play stands, entered part by part, without a match. */

/** A whole number from `low` to `high`. */
interface NumberPart {
  readonly kind: 'number'
  readonly label: string
  readonly low: number
  readonly high: number
  readonly usual: number
}
/** Whole numbers from `low` to `high`, `most` of them at most, in their order. */
interface NumbersPart {
  readonly kind: 'numbers'
  readonly label: string
  readonly low: number
  readonly high: number
  readonly most: number
  readonly usual: readonly number[]
  /** What each number is called, from `low` on; itself where left out. */
  readonly names?: readonly string[]
}
/** One of a few, by its place from 0. */
interface ChoicePart {
  readonly kind: 'choice'
  readonly label: string
  readonly choices: readonly string[]
  readonly usual: number
}
export type Part = NumberPart | NumbersPart | ChoicePart
export type Parts = Readonly<Record<string, Part>>
/** What was entered for each part. */
type Values<P extends Parts = Parts> = {
  readonly [K in keyof P]: P[K] extends NumbersPart ? readonly number[] : number
}
/** What was entered, whatever the parts are. */
export type Entered = Readonly<Record<string, number | readonly number[]>>

/** A corner case of one game: the judge answers it under whatever rules were agreed. */
export interface Corner<V = Entered> {
  /** The question, as people at the table ask it. */
  readonly asks: string
  /** What lies there, where it is another than usual. */
  readonly at?: Partial<V>
  /** The play that is asked about. */
  readonly play: BasePlay & Readonly<Record<string, unknown>>
  /** Other words by which it is looked for. */
  readonly words?: string
}

export interface Situation<R extends CommonRules = CommonRules, S = unknown, C extends Codes = Codes> {
  /** What is asked for, under these rules; `opened` is the state before the first play. Seat 1 is on turn. */
  parts(rules: R, opened: S): Parts
  /** The state that was entered; `opened` where nothing of it is another. */
  state(rules: R, opened: S, values: Entered): S
  /**
   * On which sentence of the rules each reason rests: the one among those read back that is found by an expression, or, where
   * none tells of it, the sentence itself.
   */
  readonly rests: Readonly<Partial<Record<keyof C['reasons'] & string, RegExp | string>>>
  /** Corner cases of this game alone; those that these rules know. */
  corners(rules: R): readonly Corner[]
}

/** A situation whose values are typed by its parts. */
export function situationOf<R extends CommonRules, S, C extends Codes>() {
  return <P extends Parts>(given: {
    parts(rules: R, opened: S): P
    state(rules: R, opened: S, values: Values<P>): S
    readonly rests: Situation<R, S, C>['rests']
    corners(rules: R): readonly Corner<Values<P>>[]
  }): Situation<R, S, C> => ({
    ...given,
    // Whoever enters values reads them by the parts first (`core/trainer/situation.ts`).
    state: (rules, opened, values) => given.state(rules, opened, values as Values<P>),
    corners: (rules) => given.corners(rules) as readonly Corner[],
  })
}

export const numberPart = (label: string, low: number, high: number, usual = low): NumberPart => ({
  kind: 'number',
  ...{ label, low, high, usual },
})
interface Numbers {
  readonly low: number
  readonly high: number
  readonly most: number
  readonly usual?: readonly number[]
}
export const numbersPart = (label: string, { low, high, most, usual = [] }: Numbers): NumbersPart => ({
  kind: 'numbers',
  ...{ label, low, high, most, usual },
})
/** Numbers of which each may be none: one below `low` stands for it, and is called `none`. */
export const gappedPart = (label: string, none: string, { low, ...rest }: Numbers): NumbersPart => ({
  ...numbersPart(label, { low: low - 1, ...rest }),
  names: [none, ...Array.from({ length: rest.high - low + 1 }, (_, i) => String(low + i))],
})
export const choicePart = (label: string, choices: readonly string[], usual = 0): ChoicePart => ({
  kind: 'choice',
  ...{ label, choices, usual },
})
