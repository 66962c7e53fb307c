import { itemAt } from '#core/basics/lists'
import { grouped } from '#core/basics/words'
/**
 * Working: the arithmetic behind a verdict, as data. The core decides which numbers belong in it; how it is
 * drawn (a sentence, ten-frames, hops) is decided by whoever shows it.
 */
export type Sign = '+' | '-' | '×'

/** A chain of signed terms and what it comes to. The first sign is only written when it is a minus. */
export interface Equation {
  readonly kind: 'equation'
  readonly terms: readonly { readonly sign: Sign; readonly value: number }[]
  readonly equals: number
}

/** Numbers in a row and how each compares with the next: `4 < 7 < 9`. */
export interface Comparison {
  readonly kind: 'comparison'
  /** Two at least. */
  readonly values: readonly number[]
}

/** A sum by place value: each column added up from the right, and what is carried on. */
export interface Columns {
  readonly kind: 'columns'
  readonly steps: readonly {
    readonly name: 'ones' | 'tens' | 'hundreds' | 'thousands'
    readonly cards: readonly number[]
    /** Carried in from the column to the right. */
    readonly carried: number
    readonly sum: number
    /** What stays in this column; the leftmost keeps its whole sum. */
    readonly digit: number
    readonly carry: number
  }[]
  readonly total: number
}

export type Working = Equation | Comparison | Columns

/** `values` added up, in the order given. */
export function sumOf(values: readonly number[]): Equation {
  let equals = 0
  const terms = values.map((value) => {
    equals += value
    return { sign: '+' as const, value }
  })
  return { kind: 'equation', terms, equals }
}

/** What a number becomes when another is added or taken away: `5 - 3 = 2`. */
export function changed(before: number, sign: '+' | '-', by: number): Equation {
  const terms = [
    { sign: '+' as const, value: before },
    { sign, value: by },
  ]
  return { kind: 'equation', terms, equals: sign === '+' ? before + by : before - by }
}

/** Numbers compared in the order given. */
export function compare(...values: readonly number[]): Comparison {
  return { kind: 'comparison', values }
}

/** One of `<`, `=`, `>`. */
export function relation(left: number, right: number): '<' | '=' | '>' {
  return left < right ? '<' : left > right ? '>' : '='
}

/** A working as it is shown to people: with a minus and not a hyphen, long numbers in groups. */
export function showWorking(working: Working): string {
  return shown(writeWorking(working))
}

/** The same of a sum by place value, a line for each column. */
export const showColumns = (columns: Columns): string[] => columnLines(columns).map(shown)

const shown = (text: string) => text.replaceAll('-', '−').replace(/\d{5,}/g, (digits) => grouped(Number(digits)))

/** What is to be worked out, as it is shown to people: `6 + 5`. */
export const showTerms = ({ terms }: Pick<Equation, 'terms'>): string => shown(writeTerms(terms))

/** A working as one line of text: `6 + 5 = 11`, `87 > 82`. Negative terms after the first stand in brackets. */
export function writeWorking(working: Working): string {
  if (working.kind === 'comparison') return writeComparison(working)
  if (working.kind === 'columns') return writeColumns(working)
  return `${writeTerms(working.terms)} = ${working.equals}`
}

function writeTerms(terms: Equation['terms']): string {
  let text = ''
  terms.forEach(({ sign, value }, i) => {
    const shown = i > 0 && value < 0 ? `(${value})` : String(value)
    if (i === 0) text = sign === '-' ? `-${shown}` : shown
    else text += ` ${sign} ${shown}`
  })
  return text
}

/** `35 < 54`, `4 < 7 = 7`. */
function writeComparison({ values }: Comparison): string {
  let text = ''
  values.forEach(
    (value, i) => (text += i === 0 ? String(value) : ` ${relation(itemAt(values, i - 1), value)} ${value}`),
  )
  return text
}

/** `ones 7 + 5 = 12: 2, carry 1; tens 9 + 8 + 1 = 18: 8, carry 1; hundreds 6 + 4 + 1 = 11; 1182`. */
function writeColumns(columns: Columns): string {
  return columnLines(columns).join('; ')
}

/** A sum by place value as lines of text: one for each column from the right, then what it comes to. */
function columnLines({ steps, total }: Columns): string[] {
  const texts = steps.map(({ name, cards, carried, sum, digit, carry }) => {
    const parts = carried ? [...cards, carried] : cards
    const added = parts.length > 1 ? `${parts.join(' + ')} = ${sum}` : String(sum)
    return `${name} ${added}${carry ? `: ${digit}, carry ${carry}` : ''}`
  })
  return [...texts, String(total)]
}

/**
 * Orders the parts of a sum so that tens come first: pairs (then triples) that make ten, then what is left.
 * Returns the groups; their parts together are exactly `values`.
 */
export function groupTens(values: readonly number[]): number[][] {
  const left = [...values].sort((a, b) => b - a)
  const groups: number[][] = []
  const takeOut = (parts: number[]) => {
    for (const part of parts) left.splice(left.indexOf(part), 1)
    groups.push(parts)
  }
  for (let found = true; found;) {
    found = false
    const ten = findTen(left)
    if (ten) {
      takeOut(ten)
      found = true
    }
  }
  if (left.length) groups.push(left)
  return groups
}

function findTen(values: readonly number[]): number[] | null {
  for (let i = 0; i < values.length; i++)
    for (let j = i + 1; j < values.length; j++)
      if (itemAt(values, i) + itemAt(values, j) === 10) return [itemAt(values, i), itemAt(values, j)]
  for (let i = 0; i < values.length; i++)
    for (let j = i + 1; j < values.length; j++)
      for (let k = j + 1; k < values.length; k++)
        if (itemAt(values, i) + itemAt(values, j) + itemAt(values, k) === 10)
          return [itemAt(values, i), itemAt(values, j), itemAt(values, k)]
  return null
}

/** A whole number split into its tens and its ones: 44 is 40 and 4, -13 is -10 and -3. */
export function tensAndOnes(value: number): { tens: number; ones: number } {
  const tens = Math.trunc(value / 10) * 10
  return { tens, ones: value - tens }
}
