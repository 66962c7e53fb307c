import type { Equation, Working } from '#core/contract/working'

/** The ways in which a working can be drawn. */
export const DRAWINGS = ['frames', 'hops', 'blocks', 'array', 'bars', 'columns'] as const
export type Drawing = (typeof DRAWINGS)[number]

export const DRAWING_NAMES: Readonly<Record<Drawing, string>> = {
  frames: 'Ten-frames',
  hops: 'Number line',
  blocks: 'Tens and ones',
  array: 'Rows',
  bars: 'Side by side',
  columns: 'Step by step',
}

/** The drawings that fit a working, the most telling first; none where it is too large to be counted. */
export function drawingsFor(working: Working): Drawing[] {
  if (working.kind === 'comparison') return working.values.every((value) => value >= 0) ? ['bars'] : []
  if (working.kind === 'columns') return ['columns']
  const { terms, equals } = working
  if (terms.some(({ value }) => !Number.isInteger(value))) return []
  if (isProduct(working)) return terms.every(({ value }) => value >= 1 && value <= 20) ? ['array'] : []
  if (terms.some(({ sign }) => sign === '×') || terms.length > 14) return []
  const fits: Drawing[] = []
  const adds = terms.every(({ sign, value }) => sign === '+' && value >= 0)
  if (adds && equals <= 40) fits.push('frames')
  const blocks = adds && equals > 10 && equals <= 9999
  // Many steps are a way that one goes: the blocks could show only where it ends.
  if (blocks && terms.length <= MOST_ROWS) fits.push('blocks')
  if (spanOf(working) <= 1300) fits.push('hops')
  if (blocks && terms.length > MOST_ROWS) fits.push('blocks')
  return fits
}

/** More numbers than this are not drawn as blocks above each other. */
export const MOST_ROWS = 4

export function isProduct({ terms }: Equation): boolean {
  return terms.length === 2 && terms[1]!.sign === '×'
}

/**
 * Where each hop of an equation starts and ends: from 0, or from the first term where that is so large that one stands
 * there rather than hops to it.
 */
export function hopsOf({ terms }: Equation): { from: number; to: number }[] {
  const stands = terms.length > 1 && terms[0]!.value >= 100 && terms[0]!.sign === '+'
  let at = stands ? terms[0]!.value : 0
  return terms.slice(stands ? 1 : 0).map(({ sign, value }) => {
    const from = at
    at += sign === '-' ? -value : value
    return { from, to: at }
  })
}

function spanOf(equation: Equation): number {
  const points = hopsOf(equation).flatMap(({ from, to }) => [from, to])
  return Math.max(...points) - Math.min(...points)
}
