import Papa from 'papaparse'
import { LONGEST_NAME, MOST_NAMES } from '#core/room/nameBounds'

/** A name of a list beside who is known already. */
export interface ListedName {
  readonly name: string
  /** Who has it already; capitals don't tell people apart. */
  readonly same: string | null
  /** Somebody known whose name is nearly it: another accent, a letter more, less or other. */
  readonly like: string | null
}

interface Known {
  readonly id: string
  readonly name: string
}

/** What a list holds: its names in order, each once, and what was left out. */
interface NameList {
  readonly names: readonly ListedName[]
  /** Names that stand in it more than once. */
  readonly doubled: readonly string[]
  /** What is too long for a name. */
  readonly tooLong: readonly string[]
  /** How many were beyond what a list may hold. */
  readonly beyond: number
}

const HEADS = /^(first[ -]?names?|given[ -]?names?|nick[ -]?names?|names?|child(ren)?|pupils?|students?)$/i
const NUMBERING = /^(\d+[.)]|[-*•])\s+/
const isName = (cell: string) => /\p{L}/u.test(cell) && !/[\d@]/.test(cell)

/** The cells that are names: a table's column of them, or all there are. */
function cellsOf(text: string): string[] {
  const { data } = Papa.parse<string[]>(text.trim(), { delimitersToGuess: ['\t', ';', ','], skipEmptyLines: 'greedy' })
  const rows = data.map((row) => row.map((cell) => cell.trim()))
  const across = Math.max(0, ...rows.map((row) => row.length))
  const head = rows[0]?.findIndex((cell) => HEADS.test(cell)) ?? -1
  const column = (at: number, from: number) => rows.slice(from).map((row) => row[at] ?? '')
  if (head >= 0) return column(head, 1)
  const isTable = rows.length > 1 && across > 1 && rows.every((row) => row.length === rows[0]!.length)
  // Numbers beside them make it a table; names beside names are a list in several lines.
  const columns = Array.from({ length: across }, (_, at) => column(at, 0))
  const named = columns.findIndex((cells) => cells.every((cell) => cell === '' || isName(cell)))
  if (isTable && named >= 0 && columns.some((cells) => cells.every((cell) => !isName(cell)))) return columns[named]!
  return rows.flat().flatMap((cell) => cell.split(/[;,\t]/))
}

/** A name without accents and capitals. */
const plain = (name: string) => name.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** Whether one letter more, less or other makes one of another; short names are too often near to each other. */
function isNear(one: string, other: string): boolean {
  const [a, b] = [plain(one), plain(other)]
  if (a === b) return true
  if (Math.min(a.length, b.length) < 4 || Math.abs(a.length - b.length) > 1) return false
  let i = 0
  while (i < a.length && a[i] === b[i]) i++
  const [restA, restB] = [a.slice(i), b.slice(i)]
  return restA.slice(1) === restB.slice(1) || restA === restB.slice(1) || restA.slice(1) === restB
}

/**
 * Reads names as they are pasted or typed: apart by commas, semicolons, tabs or line ends, numbered or not, or a column of a
 * table. Nothing is refused: what can't be taken is told.
 */
export function readNameList(text: string, known: readonly Known[]): NameList {
  const cells = cellsOf(text)
    .map((cell) => cell.replace(NUMBERING, '').replace(/\s+/g, ' ').trim())
    .filter((cell) => cell !== '')
  const seen = new Set<string>()
  const doubled = new Set<string>()
  const fresh: string[] = []
  for (const cell of cells.filter(({ length }) => length <= LONGEST_NAME)) {
    const key = cell.toLowerCase()
    if (seen.has(key)) doubled.add(cell)
    else fresh.push(cell)
    seen.add(key)
  }
  const names = fresh.slice(0, MOST_NAMES).map((name) => {
    const same = known.find((other) => other.name.toLowerCase() === name.toLowerCase())
    const like = same ? undefined : known.find((other) => isNear(other.name, name))
    return { name, same: same?.id ?? null, like: like?.id ?? null }
  })
  const tooLong = cells.filter(({ length }) => length > LONGEST_NAME)
  return { names, doubled: [...doubled], tooLong, beyond: fresh.length - names.length }
}
