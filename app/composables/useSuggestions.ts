import { aboutOf } from '#core/games/abouts'
import { cellsOf } from '#core/mastery/aims'
import type { CellKey } from '#core/mastery/cells'
import { eachGameOnce, suggest } from '#core/practice/suggest'
import type { RoomTable } from '#core/room/tables'
import { callApi } from '~/utils/api'

/** Games that are weighed for one table; asked again, the next best of them comes. */
const MOST_WEIGHED = 5

/** What a table might play: the game and preset that practise most of what is shaky for those who sit there. */
export function useSuggestions(
  play: (table: string, game: string, preset: string) => Promise<void>,
  failed: Ref<string | null>,
) {
  /** Facts that are shaky for somebody, by person; asked for when a table is first to practise them. */
  const shaky = new Map<string, readonly CellKey[]>()
  /** Facts of what somebody works on, by person. */
  const aimed = new Map<string, readonly CellKey[]>()
  /** How many games were suggested to a table, so that another touch brings the next one. */
  const suggested = new Map<string, number>()
  /** Why no game was suggested to a table, by its id. */
  const unsuggested = ref<Readonly<Record<string, string>>>({})

  async function wishedFor(people: readonly string[]) {
    const asked = people.filter((person) => !shaky.has(person))
    if (asked.length) {
      const told = await callApi(`/api/people/shaky?who=${asked.join(',')}`)
      for (const [person, cells] of Object.entries(told.shaky)) shaky.set(person, cells)
      for (const [person, aims] of Object.entries(told.aims)) aimed.set(person, aims.flatMap(cellsOf))
    }
    const of = (all: ReadonlyMap<string, readonly CellKey[]>) => [
      ...new Set(people.flatMap((person) => all.get(person) ?? [])),
    ]
    return { worked: of(aimed), shaky: of(shaky) }
  }

  async function practise({ id, people }: RoomTable) {
    try {
      const wished = await wishedFor(people)
      const { PRACTICE: table } = await import('#core/practice/table')
      const fits = (game: string) => {
        const seats = aboutOf(game)?.seats
        return seats !== undefined && people.length >= seats.low && people.length <= seats.high
      }
      // What they work on comes first.
      const found = eachGameOnce(
        suggest(table, wished.worked, fits, MOST_WEIGHED),
        suggest(table, wished.shaky, fits, MOST_WEIGHED),
      )
      const before = suggested.get(id) ?? 0
      suggested.set(id, before + 1)
      const next = found[before % Math.max(1, found.length)]
      const none = wished.shaky.length
        ? 'No game for so many practises what is shaky for them.'
        : 'Nothing is shaky for them: any game will do.'
      unsuggested.value = { ...unsuggested.value, [id]: next ? '' : none }
      if (next) await play(id, next.game, next.preset)
    } catch (error) {
      failed.value = saysOf(error)
    }
  }
  return { unsuggested, practise }
}
