import { itemAt, lastOf } from '#core/basics/lists'
import type { NumberFact } from '#core/contract/game'
import { foldFact, keyOf, type CellKey } from '#core/mastery/cells'
import type { How } from '#core/contract/plays'
import type { Evidence } from '#core/kernel/facts'

/** One try at a fact, as the logbook keeps it. */
export interface Try extends Pick<NumberFact, 'operation' | 'terms' | 'answer'> {
  readonly said: number | null
  readonly right: boolean
  readonly how: How | null
  readonly evidence: Evidence
  /** ISO 8601. */
  readonly at: string
}

/**
 * How somebody stands with a fact, by what they said or explained. `met`: they neither said nor explained anything, or only
 * with help. `unseen`: too few tries to say anything, which is not the same as weak. `shaky`: wrong or unexplained lately.
 * `sure`: neither.
 */
export type Status = 'met' | 'unseen' | 'shaky' | 'sure'

/** Why a fact is shaky: a code and its numbers. */
export type Shaky =
  | { readonly code: 'wrong-last'; readonly said: number | null; readonly at: string }
  | { readonly code: 'wrong-often'; readonly wrong: number; readonly of: number }
  | { readonly code: 'unexplained'; readonly passed: number; readonly of: number }

export interface Mastery {
  readonly key: CellKey
  readonly status: Status
  /** Tries that count: said or explained. */
  readonly tries: number
  readonly right: number
  /** How often it came, by what it rests on. */
  readonly by: Readonly<Record<Evidence, number>>
  /** When it was practised last, ISO 8601. */
  readonly last: string
  readonly why: Shaky | null
}

/** Tries below which nothing is said. */
const ENOUGH = 3
/** Days after which a try counts half. */
const HALF_LIFE = 30
/** The share of wrong tries, the later ones weighing more, from which a fact is shaky. */
const OFTEN = 0.3
/** Of so many newest tries it is looked whether explaining was passed on, and from which share that makes a fact shaky. */
const [LATELY, PASSED] = [5, 0.6]
const DAY = 86_400_000

/** Everything that somebody practised, by cell. `now` in milliseconds since 1970: what lies back counts less. */
export function masteryOf(tries: readonly Try[], now: number): ReadonlyMap<CellKey, Mastery> {
  const byCell = new Map<CellKey, Try[]>()
  for (const each of tries) {
    const cell = foldFact(each)
    if (!cell) continue
    const key = keyOf(cell)
    const found = byCell.get(key)
    if (found) found.push(each)
    else byCell.set(key, [each])
  }
  return new Map([...byCell].map(([key, list]) => [key, masteryIn(key, list, now)]))
}

function masteryIn(key: CellKey, list: readonly Try[], now: number): Mastery {
  const all = [...list].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
  const sorted = all.filter(counts)
  const by = { said: 0, helped: 0, explained: 0, met: 0 }
  for (const { evidence } of all) by[evidence]++
  const right = sorted.filter(({ right }) => right).length
  const counted = { key, tries: sorted.length, right, by, last: lastOf(all).at }
  if (!sorted.length) return { ...counted, status: 'met', why: null }
  if (sorted.length < ENOUGH) return { ...counted, status: 'unseen', why: null }
  const why = shakyFrom(sorted, now)
  return { ...counted, status: why ? 'shaky' : 'sure', why }
}

/** Whether a try says something about what somebody knows. */
const counts = ({ evidence }: Try) => evidence === 'said' || evidence === 'explained'

function shakyFrom(sorted: readonly Try[], now: number): Shaky | null {
  const newest = lastOf(sorted)
  if (!newest.right) return { code: 'wrong-last', said: newest.said, at: newest.at }
  const weights = sorted.map(({ at }) => 0.5 ** (Math.max(0, now - Date.parse(at)) / DAY / HALF_LIFE))
  const sum = (list: readonly number[]) => list.reduce((all, weight) => all + weight, 0)
  const wrong = sum(weights.filter((_, i) => !itemAt(sorted, i).right))
  // Weighing each other: tries of long ago count less beside newer ones, not by themselves.
  if (wrong / sum(weights) >= OFTEN)
    return { code: 'wrong-often', wrong: sorted.filter(({ right }) => !right).length, of: sorted.length }
  const told = sorted.slice(-LATELY).filter(({ how }) => how !== null)
  const passed = told.filter(({ how }) => how === 'passed').length
  return told.length >= ENOUGH && passed / told.length >= PASSED
    ? { code: 'unexplained', passed, of: told.length }
    : null
}

/** The shaky ones, those practised least lately last. */
export function shakyOnes(all: ReadonlyMap<CellKey, Mastery>): Mastery[] {
  return [...all.values()].filter(({ status }) => status === 'shaky').sort((a, b) => (a.last < b.last ? 1 : -1))
}
