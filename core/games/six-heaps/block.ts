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

/**
 * Tells every straight unbroken run of two heaps or more that holds `at` and has no bare place, along the row, then down the
 * column: what it comes to, and how its places are written down. `card` lies on top at `at`. Bots ask it of every card and
 * place: nothing is made that is not asked for.
 */
function walkRuns(heaps: Heaps, at: Spot, card: number | null, tell: (sum: number, line: () => Line) => void) {
  if (card === null) return
  const along = (length: number, here: number, topOf: (n: number) => number | null, spotOf: (n: number) => Spot) => {
    let before = 0
    for (let from = here; from >= 1; from--) {
      const low = from === here ? card : topOf(from)
      if (low === null) break
      before += low
      let sum = before
      for (let to = here; to <= length; to++) {
        const high = to === here ? 0 : topOf(to)
        if (high === null) break
        sum += high
        if (to > from) tell(sum, () => Array.from({ length: to - from + 1 }, (_, i) => spotOf(from + i)))
      }
    }
  }
  const [row, column] = at
  const cells = heaps[row - 1] ?? []
  along(
    cells.length,
    column,
    (n) => cells[n - 1]?.at(-1) ?? null,
    (n) => [row, n],
  )
  along(
    heaps.length,
    row,
    (n) => heaps[n - 1]?.[column - 1]?.at(-1) ?? null,
    (n) => [n, column],
  )
}

/** Every run through `at`, whatever it comes to. */
export function runsThrough(heaps: Heaps, at: Spot): Line[] {
  const runs: Line[] = []
  walkRuns(heaps, at, topAt(heaps, at) ?? null, (_, line) => runs.push(line()))
  return runs
}

/** The runs through `at` that make the target; with `card`, as if it lay on top there. */
export function linesThrough(heaps: Heaps, at: Spot, target: number, card = topAt(heaps, at) ?? null): Line[] {
  const lines: Line[] = []
  walkRuns(heaps, at, card, (sum, line) => void (sum === target && lines.push(line())))
  return lines
}

/** How many runs through `at` make the target when `card` lies on top there. */
export function countThrough(heaps: Heaps, at: Spot, target: number, card: number): number {
  let count = 0
  walkRuns(heaps, at, card, (sum) => {
    if (sum === target) count++
  })
  return count
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
