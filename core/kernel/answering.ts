import type { Asks } from '#core/contract/verdict'
import type { BasePlay } from '#core/contract/plays'

/** What became of the question that a play answers. */
export type Answering = 'not-asked' | 'missing' | 'right' | 'wrong'

/** Whether what a play asks for was said, and right; whatever the house rules make of it. */
export function answeringOf(asks: Asks | undefined, { said }: Pick<BasePlay, 'said'>): Answering {
  const { answer, beside } = asks ?? {}
  if (answer === undefined && beside === undefined) return 'not-asked'
  if (answer !== undefined && said === undefined) return 'missing'
  const right =
    (answer === undefined || isSame(said!, answer)) && (beside === undefined || beside.said === beside.right)
  return right ? 'right' : 'wrong'
}

/** Whether two answers are the same, those of several numbers one by one. */
export const isSame = (a: number | readonly number[], b: number | readonly number[]): boolean =>
  typeof a === 'number' || typeof b === 'number'
    ? a === b
    : a.length === b.length && a.every((each, i) => each === b[i])
