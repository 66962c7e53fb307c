import { blocksOf, MOST_BLOCKS, together, type Blocks } from '#core/mastery/blocks'
import type { Rung } from '#core/mastery/rungs'
import { groupTens, type Equation } from '#core/contract/working'

/** A drawing on a second screen, after so many entries: what is to be worked out, and what lies in it. */
export interface ShownHelp {
  readonly after: number
  readonly terms: Equation['terms']
  readonly drawing: AidKind
  readonly rung: Rung
  readonly work: readonly number[]
}

/** The drawings there are to find an answer with. */
export const AIDS = ['frames', 'beads', 'rows', 'blocks', 'line'] as const
export type AidKind = (typeof AIDS)[number]

/** A drawing to find an answer with; the answer is nowhere in it as a number. */
export type Aid =
  /** Frames of ten: which part each counter belongs to, those that make ten first. */
  | { readonly kind: 'frames'; readonly counters: readonly number[] }
  /** Strings of ten beads: how many are slid over first, and how many further ones (less than none: back again). */
  | { readonly kind: 'beads'; readonly strings: number; readonly first: number; readonly then: number }
  /** Rows of dots. */
  | { readonly kind: 'rows'; readonly rows: number; readonly columns: number }
  /** Hundreds, tens and ones: what lies there first, and in the end, nothing traded for what is added. */
  | { readonly kind: 'blocks'; readonly first: Blocks; readonly last: Blocks }
  /** A number line between two tens, and the hops on it, tens apart from ones. */
  | {
      readonly kind: 'line'
      readonly from: number
      readonly low: number
      readonly high: number
      readonly hops: readonly number[]
      /** How far one may hop with a touch. */
      readonly leaps: readonly number[]
    }

/** Counters and beads that are still seen at a glance, rows likewise, and hops that are drawn apart. */
const [MOST_COUNTERS, MOST_BEADS, MOST_ROWS, MOST_HOPS, MOST_SPAN, MOST_BLOCKED] = [40, 100, 12, 24, 300, 999]

/** The drawing that a second screen shows: what is to be worked out is known there, what it comes to is not told. */
export function aidShown({ terms, drawing }: Pick<ShownHelp, 'terms' | 'drawing'>): Aid | null {
  const [first, ...others] = terms
  if (!first) return null
  const equals = others.reduce(
    (sum, { sign, value }) => (sign === '×' ? sum * value : sign === '+' ? sum + value : sum - value),
    first.value,
  )
  return aidsFor({ kind: 'equation', terms, equals }).find(({ kind }) => kind === drawing) ?? null
}

/** The drawings that help to find it, the plainest first; none where none would. */
export function aidsFor(equation: Equation): readonly Aid[] {
  const { terms } = equation
  const [first, ...others] = terms
  if (!first || !others.length || terms.some(({ value }) => !Number.isInteger(value) || value < 0)) return []
  if (others.some(({ sign }) => sign === '×')) return rowsFor(equation)
  return [framesFor, beadsFor, blocksFor, lineFor].flatMap((find) => find(equation) ?? [])
}

function rowsFor({ terms }: Equation): readonly Aid[] {
  const [rows, columns] = terms.map(({ value }) => value)
  if (terms.length !== 2 || rows === undefined || columns === undefined) return []
  const kind = Math.min(rows, columns) > 0 && Math.max(rows, columns) <= MOST_ROWS
  const line = rows <= MOST_ROWS && columns > 0 && rows > 0 && rows * columns <= MOST_SPAN
  return [
    ...(kind ? [{ kind: 'rows' as const, rows, columns }] : []),
    ...(line ? [lineOf(0, Array<number>(rows).fill(columns), [columns, 1])] : []),
  ]
}

const adds = ({ terms }: Equation) => terms.every(({ sign }) => sign === '+')
const takesAway = ({ terms }: Equation) => terms.length === 2 && terms[0]!.sign === '+' && terms[1]!.sign === '-'

function framesFor(equation: Equation): Aid | null {
  if (!adds(equation) || equation.equals <= 0 || equation.equals > MOST_COUNTERS) return null
  const groups = groupTens(equation.terms.map(({ value }) => value)).flat()
  return { kind: 'frames', counters: groups.flatMap((value, part) => Array.from({ length: value }, () => part)) }
}

function beadsFor(equation: Equation): Aid | null {
  const { terms, equals } = equation
  const most = Math.max(terms[0]!.value, equals)
  if (!(adds(equation) || takesAway(equation)) || equals < 0 || most < 1 || most > MOST_BEADS) return null
  // As many strings as the largest of such sums needs: their number tells nothing.
  return { kind: 'beads', strings: most > 20 ? 10 : 2, first: terms[0]!.value, then: equals - terms[0]!.value }
}

function blocksFor(equation: Equation): Aid | null {
  const { terms, equals } = equation
  const most = Math.max(terms[0]!.value, equals)
  if (!(adds(equation) || takesAway(equation)) || equals < 0 || most <= 10 || most > MOST_BLOCKED) return null
  const first = blocksOf(terms[0]!.value)
  const all = together(terms.map(({ value }) => blocksOf(value)))
  return { kind: 'blocks', first, last: adds(equation) ? fitting(all) : blocksOf(equals) }
}

/** Many numbers hold more ones than can lie there: those are traded. */
function fitting({ hundreds, tens, ones }: Blocks): Blocks {
  if (ones > MOST_BLOCKS.ones) return fitting({ hundreds, tens: tens + 1, ones: ones - 10 })
  if (tens > MOST_BLOCKS.tens) return fitting({ hundreds: hundreds + 1, tens: tens - 10, ones })
  return { hundreds, tens, ones }
}

function lineFor({ terms }: Equation): Aid | null {
  const [first, ...others] = terms
  const hops = others.flatMap(({ sign, value }) => hopsOf(value).map((hop) => (sign === '-' ? -hop : hop)))
  const line = lineOf(first!.value, hops, [10, 5, 1])
  return !hops.length || hops.length > MOST_HOPS || line.high - line.low > MOST_SPAN ? null : line
}

function lineOf(from: number, hops: readonly number[], leaps: readonly number[]): Extract<Aid, { kind: 'line' }> {
  const points = hops.reduce((all, hop) => [...all, all.at(-1)! + hop], [from])
  const low = Math.floor(Math.min(...points) / 10) * 10
  const high = Math.ceil((Math.max(...points) + 1) / 10) * 10
  return { kind: 'line', from, low, high, hops, leaps: [...new Set(leaps)] }
}

/** Tens first, then what is left in one hop. */
const hopsOf = (value: number): number[] => [
  ...Array.from({ length: Math.floor(value / 10) }, () => 10),
  ...(value % 10 ? [value % 10] : []),
]

/**
 * What lies in a drawing on a rung, before anybody touches it: the numbers of the cells or rows that are filled (from 0),
 * how many beads of each string are slid over, the hops made, or how many hundreds, tens and ones lie there.
 */
export function workOn(aid: Aid, rung: Rung): readonly number[] {
  const half = rung === 'half'
  switch (aid.kind) {
    case 'frames': {
      const all = [...aid.counters.keys()]
      // Half is the first part where counters lie, half of the rows or hops else.
      return rung === 'empty' ? [] : half ? all.filter((cell) => aid.counters[cell] === 0) : all
    }
    case 'beads':
      return beadsOn(aid.strings, rung === 'empty' ? 0 : half ? aid.first : aid.first + aid.then)
    case 'rows':
      return Array.from({ length: rung === 'empty' ? 0 : half ? Math.floor(aid.rows / 2) : aid.rows }, (_, i) => i)
    case 'blocks': {
      const { hundreds, tens, ones } = rung === 'empty' ? blocksOf(0) : half ? aid.first : aid.last
      return [hundreds, tens, ones]
    }
    case 'line':
      return rung === 'empty' ? [] : half ? aid.hops.slice(0, Math.floor(aid.hops.length / 2)) : aid.hops
  }
}

/** So many beads slid over, string by string. */
const beadsOn = (strings: number, beads: number): readonly number[] =>
  Array.from({ length: strings }, (_, i) => Math.max(0, Math.min(10, beads - 10 * i)))
