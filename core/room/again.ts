import { freeName, type RoomTable } from '#core/room/tables'

/** The preset of a table whose house rules are its own, as they were played before or are kept under a name. */
export const OWN_RULES = 'own-rules'

/** A match as it was played at a table. */
interface Played {
  readonly game: string
  readonly name: string
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly over: boolean
  readonly createdAt: string
  readonly seats: readonly { readonly personId: string | null }[]
}

const peopleOf = ({ seats }: Played) => seats.flatMap(({ personId }) => personId ?? [])
const newestFirst = (matches: readonly Played[]) => [...matches].sort((a, b) => b.createdAt.localeCompare(a.createdAt))

/** Who plays in a match that is not over, and at which table. */
export function stillPlaying(matches: readonly Played[]): ReadonlyMap<string, string> {
  const at = new Map<string, string>()
  for (const match of matches) if (!match.over) for (const id of peopleOf(match)) at.set(id, match.name)
  return at
}

/**
 * The tables of matches again, each as it was played last, with its game and rules: nobody sits twice, and who `busy` says
 * is left out. Tables without anybody known are none. `id` is what each table gets.
 */
export function tablesAgain(
  matches: readonly Played[],
  busy: (person: string) => boolean,
  id: () => string,
): RoomTable[] {
  const seated = new Set<string>()
  const again: RoomTable[] = []
  for (const match of newestFirst(matches)) {
    const people = peopleOf(match).filter((person) => !seated.has(person) && !busy(person))
    // Those who sat down elsewhere since are at another table now.
    if (people.length < peopleOf(match).filter((person) => !busy(person)).length / 2 || !people.length) continue
    for (const person of people) seated.add(person)
    const { game, name, houseRules } = match
    const rules = { ...houseRules }
    again.push({ id: id(), name: name || freeName(again), people, game, preset: OWN_RULES, rules })
  }
  return again.reverse()
}
