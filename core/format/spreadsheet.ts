import { fromDate, toCalendarDateTime } from '@internationalized/date'
import Papa from 'papaparse'

/** By it a spreadsheet knows that the text is UTF-8: without it names with accents come out wrong. */
const MARK = '\uFEFF'
/** Not to be seen, and no space that a spreadsheet takes off: what begins with it is text. */
const JOINER = '\u2060'
/**
 * What a spreadsheet would calculate instead of showing it: `=`, `@`, and signs before anything but numbers. `-3` and
 * `-3; 4` stay numbers.
 */
const FORMULA = /^(?:[=@\t\r]|[+-](?![\d.]+(?:; -?[\d.]+)*$))/

type Cell = string | number

const quoted = (cell: Cell) => (typeof cell === 'string' && FORMULA.test(cell) ? `${JOINER}${cell}` : cell)

interface Sheet {
  readonly columns: readonly string[]
  /** Only what follows an earlier piece: neither heading nor mark. */
  readonly goesOn?: boolean
}

/** Rows as CSV that spreadsheets read as it is meant: with a mark of its encoding, a heading, and no formula in it. */
export function makeSpreadsheet(rows: readonly Readonly<Record<string, Cell>>[], { columns, goesOn }: Sheet): string {
  const cells = rows.map((row) => columns.map((column) => quoted(row[column] ?? '')))
  const text = Papa.unparse(goesOn ? cells : [columns.map(quoted), ...cells])
  return `${goesOn ? '' : MARK}${text}\r\n`
}

/** A moment (ISO 8601) by the clocks of a time zone, as spreadsheets read it: `2026-11-28 15:04:05`. Nothing stays nothing. */
export function localTime(at: string | undefined, zone: string): string {
  if (!at) return ''
  const { year, month, day, hour, minute, second } = toCalendarDateTime(fromDate(new Date(at), zone))
  const two = (n: number) => String(n).padStart(2, '0')
  return `${year}-${two(month)}-${two(day)} ${two(hour)}:${two(minute)}:${two(second)}`
}
