import { itemAt } from '#core/basics/lists'
import type { Random } from '#core/basics/random'
import { refuse } from '#core/contract/verdict'
import type { Equation } from '#core/contract/working'

/** Dice that lie on a table, as multisets of values. */

/** How the values of a roll or of cards come to one result. */
type Combine = 'add' | 'times' | 'difference'

/** The faces of a die, from 1 up. */
export function facesOfDie(sides: number): number[] {
  return Array.from({ length: sides }, (_, i) => i + 1)
}

/** Step 6 of judging for dice: `no-such-face` for the first that the die doesn't have; null where nothing is wrong. */
export function refuseFaces(dice: readonly number[], sides: number) {
  for (const face of dice) if (face < 1 || face > sides) return refuse('no-such-face', { face, sides })
  return null
}

/** The same for a spinner, whose faces need not be in a row. */
export function refuseSpin(face: number, faces: readonly number[]) {
  return faces.includes(face) ? null : refuse('no-such-face', { face, faces })
}

/** Step 7 for dice: `wrong-dice-count` where not exactly `expected` lie; null where nothing is wrong. */
export function refuseDiceCount(dice: readonly number[], expected: number) {
  return dice.length === expected ? null : refuse('wrong-dice-count', { count: dice.length, expected })
}

/** `values` combined, as the sentence that shows it; a difference is the larger less the smaller, whichever came first. */
export function combined(values: readonly number[], how: Combine): Equation {
  const ordered = how === 'difference' ? [...values].sort((a, b) => b - a) : values
  const sign = how === 'add' ? ('+' as const) : how === 'times' ? ('×' as const) : ('-' as const)
  const terms = ordered.map((value, i) => ({ sign: i === 0 ? ('+' as const) : sign, value }))
  const equals =
    ordered.length === 0 ? 0 : ordered.reduce((a, b) => (how === 'add' ? a + b : how === 'times' ? a * b : a - b))
  return { kind: 'equation', terms, equals }
}

/**
 * Takes `taken` out of `values`, each once. Returns what is left in its order, or the first value of `taken`
 * that isn't there.
 */
export function takeOut(
  values: readonly number[],
  taken: readonly number[],
): { readonly left: readonly number[] } | { readonly missing: number } {
  if (taken.length === 0) return { left: values }
  const left = values.slice()
  for (const value of taken) {
    const at = left.indexOf(value)
    if (at < 0) return { missing: value }
    left.splice(at, 1)
  }
  return { left }
}

/** Rolls `count` dice. */
export function roll(count: number, sides: number, random: Random): number[] {
  return Array.from({ length: count }, () => random.whole(1, sides))
}

export function total(values: readonly number[]): number {
  let sum = 0
  for (const value of values) sum += value
  return sum
}

/** Every multiset of `count` faces of a die with `sides`, each in rising order. */
export function* rollsOf(count: number, sides: number, low = 1): Generator<number[]> {
  if (count === 0) {
    yield []
    return
  }
  for (let face = low; face <= sides; face++) for (const rest of rollsOf(count - 1, sides, face)) yield [face, ...rest]
}

/** Every multiset that can be taken out of `values`, the empty one first. */
export function subsetsOf(values: readonly number[]): number[][] {
  const sorted = [...values].sort((a, b) => a - b)
  let sets: number[][] = [[]]
  for (let i = 0; i < sorted.length;) {
    const value = itemAt(sorted, i)
    let copies = 0
    while (sorted[i + copies] === value) copies++
    sets = sets.flatMap((set) =>
      Array.from({ length: copies + 1 }, (_, n) => [...set, ...Array.from({ length: n }, () => value)]),
    )
    i += copies
  }
  return sets
}
