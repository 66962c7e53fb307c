import type { Prediction } from '#core/contract/prediction'

interface Amount<R, S, P> {
  readonly asks: string
  /** The larger half begins above it. */
  readonly middle: (rules: R, state: S) => number
  /** What a play brought; null where it brought none. */
  readonly brought: (rules: R, before: S, play: P) => number | null
}

/** Whether chance brings more than the middle, or no more: `More than 7`, `7 or less`. */
export function moreOrLess<R, S, P>({ asks, middle, brought }: Amount<R, S, P>): Prediction<R, S, P> {
  return {
    id: 'more-or-less',
    asks,
    choices: (rules, state) => [`More than ${middle(rules, state)}`, `${middle(rules, state)} or less`],
    came: (rules, before, play, _after, asked) => {
      const value = brought(rules, before, play)
      return value === null ? null : value > middle(rules, asked) ? 0 : 1
    },
  }
}

/** The middle of some dice added up, rounded down. */
export const middleOfDice = (dice: number, sides: number): number => Math.floor((dice * (sides + 1)) / 2)

/** The number in the middle of a list, of two the lower one. */
export function middleOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? 0
}
