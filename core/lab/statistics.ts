/** A value with the bounds between which it lies nineteen times of twenty. */
export interface Interval {
  readonly value: number
  readonly low: number
  readonly high: number
}

/** Standard errors on either side that hold nineteen of twenty. */
const Z = 1.959964

/** A part of `n` (0 to 1) by Wilson's interval, which holds near 0 and 1 too; of none at all everything is possible. */
export function partOf(hits: number, n: number): Interval {
  if (n === 0) return { value: 0, low: 0, high: 1 }
  const p = hits / n
  const z2 = Z * Z
  const middle = (p + z2 / (2 * n)) / (1 + z2 / n)
  const off = (Z * Math.sqrt((p * (1 - p)) / n + z2 / (4 * n * n))) / (1 + z2 / n)
  return { value: p, low: Math.max(0, middle - off), high: Math.min(1, middle + off) }
}

/**
 * Standard errors on either side that hold nineteen of twenty where the spread itself is only known from `n` numbers:
 * Student's t, by its expansion in powers of 1 / (n − 1).
 */
function studentOf(n: number): number {
  const v = n - 1
  return (
    Z +
    (Z ** 3 + Z) / (4 * v) +
    (5 * Z ** 5 + 16 * Z ** 3 + 3 * Z) / (96 * v ** 2) +
    (3 * Z ** 7 + 19 * Z ** 5 + 17 * Z ** 3 - 15 * Z) / (384 * v ** 3)
  )
}

/**
 * The mean of `n` shares from 0 to 1 (a win, half of one, none) by their sum and the sum of their squares: Wilson's interval,
 * of as many whole ones as spread alike.
 */
export function shareOf(sum: number, squares: number, n: number): Interval {
  const p = n ? sum / n : 0
  const variance = n ? Math.max(0, squares / n - p * p) : 0
  // Halves spread less than whole ones do, and tell as much as more of them.
  const whole = variance > 0 ? (n * p * (1 - p)) / variance : n
  return partOf(p * whole, whole)
}

/** The mean of `n` numbers by their sum and the sum of their squares. Of fewer than two nothing is known of how they spread. */
export function meanOf(sum: number, squares: number, n: number): Interval {
  if (n === 0) return { value: 0, low: -Infinity, high: Infinity }
  const value = sum / n
  if (n === 1) return { value, low: -Infinity, high: Infinity }
  const variance = Math.max(0, (squares - (sum * sum) / n) / (n - 1))
  const off = studentOf(n) * Math.sqrt(variance / n)
  return { value, low: value - off, high: value + off }
}

/** An interval in another unit. */
export const scaled = ({ value, low, high }: Interval, by: number): Interval =>
  by >= 0
    ? { value: value * by, low: low * by, high: high * by }
    : { value: value * by, low: high * by, high: low * by }

/** Values of a histogram in order, each with its count. */
export const sorted = (histogram: Readonly<Record<number, number>>) =>
  Object.entries(histogram)
    .map(([value, count]) => [Number(value), count] as const)
    .sort(([a], [b]) => a - b)

/** The least value that so great a part (0 to 1) of the numbers don't exceed; null of none. */
export function quantile(histogram: Readonly<Record<number, number>>, part: number): number | null {
  const rows = sorted(histogram)
  const all = rows.reduce((sum, [, count]) => sum + count, 0)
  let below = 0
  for (const [value, count] of rows) {
    below += count
    if (below >= part * all) return value
  }
  return null
}

export const meanOfHistogram = (histogram: Readonly<Record<number, number>>): Interval => {
  const rows = sorted(histogram)
  return meanOf(
    rows.reduce((sum, [value, count]) => sum + value * count, 0),
    rows.reduce((sum, [value, count]) => sum + value * value * count, 0),
    rows.reduce((sum, [, count]) => sum + count, 0),
  )
}

/**
 * Whether the value surely is another than `than`: beyond twice its interval. Many things are told at once, and of twenty
 * plain intervals one is wrong by chance.
 */
export const isSure = ({ value, low, high }: Interval, than = 0): boolean =>
  value - 2 * (value - low) > than || value + 2 * (high - value) < than
