/** The block of heaps: what lies on top, and the straight lines through a place. */

/** Row and column, from 1. */
export type Spot = readonly [row: number, column: number]
/** The places of a line, from left to right or from top to bottom; named by a player, in any order. */
export type Line = readonly Spot[]
/** By row and column, the bottom card of each heap first. */
export type Heaps = readonly (readonly (readonly number[])[])[]

/** The number on top of a heap, null where the place is bare, undefined where there is no such place. */
export function topAt(heaps: Heaps, [row, column]: Spot): number | null | undefined {
  const heap = heaps[row - 1]?.[column - 1]
  return heap && (heap.at(-1) ?? null)
}

/** Every straight unbroken run of two heaps or more that holds `at` and has no bare place, along the row, then down the column. */
export function runsThrough(heaps: Heaps, at: Spot): Line[] {
  const runs: Line[] = []
  const rows = heaps.length
  const columns = heaps[0]?.length ?? 0
  const along = (length: number, here: number, spotOf: (n: number) => Spot) => {
    const lies = (n: number) => n >= 1 && n <= length && topAt(heaps, spotOf(n)) !== null
    for (let from = here; lies(from); from--)
      for (let to = here; lies(to); to++)
        if (to > from) runs.push(Array.from({ length: to - from + 1 }, (_, i) => spotOf(from + i)))
  }
  along(columns, at[1], (n) => [at[0], n])
  along(rows, at[0], (n) => [n, at[1]])
  return runs
}

/** The runs through `at` that make the target. */
export function linesThrough(heaps: Heaps, at: Spot, target: number): Line[] {
  return runsThrough(heaps, at).filter((run) => run.reduce((sum, spot) => sum + topAt(heaps, spot)!, 0) === target)
}

/** Whether two lines have the same places, in any order; a place named twice is another line. */
export function sameLine(a: Line, b: Line): boolean {
  return a.length === b.length && a.every(([row, column]) => b.some((spot) => spot[0] === row && spot[1] === column))
}

/** The heaps with one more card on one of them. */
export function withCard(heaps: Heaps, [row, column]: Spot, card: number): Heaps {
  return heaps.map((line, r) =>
    r === row - 1 ? line.map((heap, c) => (c === column - 1 ? [...heap, card] : heap)) : line,
  )
}
