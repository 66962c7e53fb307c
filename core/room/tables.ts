import { tableName } from '#core/room/names'

/** A table of today: who sits there, and what they play. */
export interface RoomTable {
  readonly id: string
  readonly name: string
  /** The people's ids; nobody sits at two tables. */
  readonly people: readonly string[]
  /** The game's id; empty while none is chosen. */
  readonly game: string
  /** A preset of the game, or that its rules are its own. */
  readonly preset: string
  /** House rules of its own, as the table played before or as they are kept under a name. */
  readonly rules?: Readonly<Record<string, unknown>> | undefined
  /** Minutes of its own clock, whatever the rules say; without it theirs. */
  readonly minutes?: number | undefined
  /** The match that goes on there with others: it is finished as it stands when this table is started. */
  readonly from?: string | undefined
}

/** Where somebody is to sit, beside the tables by their ids: at a new one, or with those who wait. */
export const NEW_TABLE = 'new'
export const WAITING = 'waiting'

/** Tables without anybody are put away. */
const occupied = (tables: readonly RoomTable[]) => tables.filter(({ people }) => people.length > 0)

/** The tables with some people gone from them. */
export function withoutPeople(tables: readonly RoomTable[], gone: (person: string) => boolean): RoomTable[] {
  return occupied(tables.map((table) => ({ ...table, people: table.people.filter((id) => !gone(id)) })))
}

/**
 * Somebody moved to a place, among those there before the one who sat `at` (from 0; the end by default); a table that
 * nobody knows is none, and they wait. `id` is what a new table gets.
 */
export function moved(
  tables: readonly RoomTable[],
  person: string,
  place: string,
  id: () => string,
  at = Infinity,
): RoomTable[] {
  const sitting = occupied(
    tables.map((table) => {
      const others = table.people.filter((other) => other !== person)
      const here = table.id === place ? [...others.slice(0, at), person, ...others.slice(at)] : others
      return { ...table, people: here }
    }),
  )
  if (place !== NEW_TABLE) return sitting
  return [...sitting, { id: id(), name: freeName(sitting), people: [person], game: '', preset: '' }]
}

/** The first of the usual names that no table has. */
export function freeName(tables: readonly RoomTable[]): string {
  const taken = new Set(tables.map(({ name }) => name))
  for (let i = 0; ; i++) if (!taken.has(tableName(i))) return tableName(i)
}

/** The table after (1) or before (-1) the one where somebody sits, round again at the ends; null where there is none. */
export function beside(tables: readonly RoomTable[], person: string, by: 1 | -1): string | null {
  if (!tables.length) return null
  const at = tables.findIndex(({ people }) => people.includes(person))
  const to = at < 0 ? (by > 0 ? 0 : tables.length - 1) : (at + by + tables.length) % tables.length
  return tables[to]?.id ?? null
}

/** Groups at tables: those that were there keep name, game and rules, in their order. */
export function seatedAt(
  groups: readonly (readonly string[])[],
  before: readonly RoomTable[],
  id: () => string,
): RoomTable[] {
  return groups.map((people, i) => {
    return { id: id(), name: tableName(i), game: '', preset: '', ...before[i], people }
  })
}
