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

/** The mean of `n` numbers by their sum and the sum of their squares. Of fewer than two nothing is known of how they spread. */
export function meanOf(sum: number, squares: number, n: number): Interval {
  if (n === 0) return { value: 0, low: -Infinity, high: Infinity }
  const value = sum / n
  if (n === 1) return { value, low: -Infinity, high: Infinity }
  const variance = Math.max(0, (squares - (sum * sum) / n) / (n - 1))
  const off = Z * Math.sqrt(variance / n)
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
