/** Multisets of values, for dice that lie on a table. */

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
  for (let face = low; face <= sides; face++)
    for (const rest of rollsOf(count - 1, sides, face)) yield [face, ...rest]
}

/** Every multiset that can be taken out of `values`, the empty one first. */
export function subsetsOf(values: readonly number[]): number[][] {
  const sorted = [...values].sort((a, b) => a - b)
  let sets: number[][] = [[]]
  for (let i = 0; i < sorted.length;) {
    const value = sorted[i]!
    let copies = 0
    while (sorted[i + copies] === value) copies++
    sets = sets.flatMap((set) =>
      Array.from({ length: copies + 1 }, (_, n) => [...set, ...Array.from({ length: n }, () => value)]),
    )
    i += copies
  }
  return sets
}
