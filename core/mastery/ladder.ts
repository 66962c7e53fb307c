import { groupTens, type Equation } from '#core/contract/working'

/** How far help goes, rung by rung: an empty drawing to work on, half of it filled in, all of it there to be counted. */
export const RUNGS = ['empty', 'half', 'counted'] as const
export type Rung = (typeof RUNGS)[number]

/** A drawing to find an answer with; the answer is nowhere in it as a number. */
export type Aid =
  /** Frames of ten: which part each counter belongs to, those that make ten first. */
  | { readonly kind: 'frames'; readonly counters: readonly number[] }
  /** Rows of dots. */
  | { readonly kind: 'rows'; readonly rows: number; readonly columns: number }
  /** A number line between two tens, and the hops on it, tens apart from ones. */
  | {
      readonly kind: 'line'
      readonly from: number
      readonly low: number
      readonly high: number
      readonly hops: readonly number[]
    }

/** Counters that are still seen at a glance, rows likewise, and hops that are drawn apart. */
const [MOST_COUNTERS, MOST_ROWS, MOST_HOPS, MOST_SPAN] = [40, 12, 24, 300]

/** The drawing for what is to be found; null where none would help. */
export function aidFor({ terms, equals }: Equation): Aid | null {
  const [first, ...others] = terms
  if (!first || !others.length || terms.some(({ value }) => !Number.isInteger(value) || value < 0)) return null
  if (others[0]!.sign === '×') {
    const [rows, columns] = [first.value, others[0]!.value]
    const fits = others.length === 1 && Math.min(rows, columns) > 0 && Math.max(rows, columns) <= MOST_ROWS
    return fits ? { kind: 'rows', rows, columns } : null
  }
  if (others.some(({ sign }) => sign === '×')) return null
  if (others.every(({ sign }) => sign === '+') && equals > 0 && equals <= MOST_COUNTERS) {
    const groups = groupTens(terms.map(({ value }) => value)).flat()
    return { kind: 'frames', counters: groups.flatMap((value, part) => Array.from({ length: value }, () => part)) }
  }
  const hops = others.flatMap(({ sign, value }) => hopsOf(value).map((hop) => (sign === '-' ? -hop : hop)))
  const points = hops.reduce((all, hop) => [...all, all.at(-1)! + hop], [first.value])
  const low = Math.floor(Math.min(...points) / 10) * 10
  const high = Math.ceil((Math.max(...points) + 1) / 10) * 10
  if (!hops.length || hops.length > MOST_HOPS || high - low > MOST_SPAN) return null
  return { kind: 'line', from: first.value, low, high, hops }
}

/** Tens first, then what is left in one hop. */
const hopsOf = (value: number): number[] => [
  ...Array.from({ length: Math.floor(value / 10) }, () => 10),
  ...(value % 10 ? [value % 10] : []),
]

/** How much of a drawing lies there already on a rung: counters, rows or hops. */
export function laidOn(aid: Aid, rung: Rung): number {
  const all = aid.kind === 'frames' ? aid.counters.length : aid.kind === 'rows' ? aid.rows : aid.hops.length
  if (rung === 'empty') return 0
  if (rung === 'counted') return all
  // Half is the first part where counters lie, half of the rows or hops else.
  return aid.kind === 'frames' ? aid.counters.filter((part) => part === 0).length : Math.floor(all / 2)
}
