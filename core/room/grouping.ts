import { itemAt } from '#core/basics/lists'
import type { Random } from '#core/basics/random'

/** A child of today, and how well answers go lately (0 to 1); null where too little is known. */
export interface Child {
  readonly id: string
  readonly level: number | null
  /** Facts that are shaky for them, by key; none where they are not known. */
  readonly shaky?: readonly string[]
}

/** By chance; who has not played together lately; those for whom the same facts are shaky; those for whom others are. */
export const GROUPINGS = ['chance', 'fresh', 'like', 'mixed'] as const
export type Grouping = (typeof GROUPINGS)[number]

/** Children at a table, at least and at most. */
export const [SMALLEST, LARGEST] = [2, 4]

/** How many sit at each table: as near as can be to the number wished, never fewer than two or more than four; a child alone sits alone. */
export function sizesOf(children: number, wished: number): number[] {
  if (children <= LARGEST && children <= Math.max(wished, SMALLEST + 1)) return children ? [children] : []
  const most = Math.floor(children / SMALLEST)
  const tables = Math.min(most, Math.max(Math.ceil(children / LARGEST), Math.round(children / wished)))
  const [each, more] = [Math.floor(children / tables), children % tables]
  return Array.from({ length: tables }, (_, i) => each + (i < more ? 1 : 0))
}

/**
 * Today's children at tables of about `wished`. `together` says how much two have played together lately: 0 for not at
 * all. The same chance gives the same tables.
 */
export function groupsOf(
  children: readonly Child[],
  wished: number,
  grouping: Grouping,
  together: (one: string, other: string) => number,
  random: Random,
): string[][] {
  const sizes = sizesOf(children.length, wished)
  const shuffled = random.shuffled(children)
  if (grouping === 'chance') return dealt(ids(shuffled), sizes)
  if (grouping === 'fresh') return freshest(ids(shuffled), sizes, together, random)
  const apart = apartIn(children)
  if (apart) return freshest(ids(shuffled), sizes, (a, b) => (grouping === 'like' ? 1 : -1) * apart(a, b), random)
  // Nothing is shaky for two of them: it goes by how well they do. Those of whom nobody knows sit in the middle.
  const sorted = [...shuffled].sort((a, b) => (a.level ?? 0.5) - (b.level ?? 0.5))
  return grouping === 'like' ? dealt(ids(sorted), sizes) : spread(ids(sorted), sizes)
}

const ids = (children: readonly Child[]) => children.map(({ id }) => id)

/** How much less a difference in how well they do counts than a shaky fact in common. */
const LEVEL = 0.2

/** How far two are from each other: less with each fact that is shaky for both. Null where no two have any in common. */
function apartIn(children: readonly Child[]): ((one: string, other: string) => number) | null {
  const of = new Map(children.map((child) => [child.id, child]))
  const facts = new Map(children.map(({ id, shaky = [] }) => [id, new Set(shaky)]))
  const all = children.flatMap(({ shaky = [] }) => [...new Set(shaky)])
  if (new Set(all).size === all.length) return null
  return (one, other) => {
    const shared = [...(facts.get(one) ?? [])].filter((fact) => facts.get(other)?.has(fact)).length
    return LEVEL * Math.abs((of.get(one)?.level ?? 0.5) - (of.get(other)?.level ?? 0.5)) - shared
  }
}

/** Facts that are shaky for two at least of those who sit together, the most shared first. */
export function sharedShaky(children: readonly Pick<Child, 'shaky'>[]): string[] {
  const counts = new Map<string, number>()
  for (const { shaky = [] } of children)
    for (const fact of new Set(shaky)) counts.set(fact, (counts.get(fact) ?? 0) + 1)
  return [...counts]
    .filter(([, n]) => n > 1)
    .sort(([, a], [, b]) => b - a)
    .map(([fact]) => fact)
}

function dealt(list: readonly string[], sizes: readonly number[]): string[][] {
  let from = 0
  return sizes.map((size) => list.slice(from, (from += size)))
}

/** Round the tables and back again, so that each gets some of the best and some of the others. */
function spread(list: readonly string[], sizes: readonly number[]): string[][] {
  const tables = sizes.map((): string[] => [])
  const order: number[] = []
  for (let round = 0; order.length < list.length; round++) {
    const open = sizes.flatMap((size, i) => (size > round ? [i] : []))
    order.push(...(round % 2 ? open.reverse() : open))
  }
  list.forEach((id, i) => itemAt(tables, itemAt(order, i)).push(id))
  return tables
}

/** Tries from so many beginnings. */
const BEGINNINGS = 12

/** Few who have played together lately: two children change places as long as that makes it better. */
function freshest(
  list: readonly string[],
  sizes: readonly number[],
  together: (one: string, other: string) => number,
  random: Random,
): string[][] {
  let best: { tables: string[][]; cost: number } | null = null
  for (let n = 0; n < BEGINNINGS; n++) {
    const tables = dealt(random.shuffled(list), sizes)
    settle(tables, together)
    const cost = tables.reduce((sum, table) => sum + costOf(table, together), 0)
    if (!best || cost < best.cost) best = { tables, cost }
  }
  return best?.tables ?? []
}

function settle(tables: string[][], together: (one: string, other: string) => number): void {
  for (let better = true; better;) {
    better = false
    for (const [i, one] of tables.entries())
      for (const other of tables.slice(i + 1))
        for (const a of one.keys())
          for (const b of other.keys()) {
            const before = costOf(one, together) + costOf(other, together)
            ;[one[a], other[b]] = [itemAt(other, b), itemAt(one, a)]
            if (costOf(one, together) + costOf(other, together) < before - 1e-9) better = true
            else [one[a], other[b]] = [other[b], one[a]]
          }
  }
}

/** How much those at a table have played together lately. */
export function costOf(table: readonly string[], together: (one: string, other: string) => number): number {
  let sum = 0
  for (const [i, one] of table.entries()) for (const other of table.slice(i + 1)) sum += together(one, other)
  return sum
}
