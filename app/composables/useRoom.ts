import { nanoid } from 'nanoid'
import { aboutOf } from '#core/games/abouts'
import type { Game } from '#core/contract/game'
import type { CellKey } from '#core/mastery/cells'
import { suggest } from '#core/practice/suggest'
import { randomFor } from '#core/basics/random'
import { groupsOf, type Grouping } from '#core/room/grouping'
import { beside, moved, seatedAt, withoutPeople, type RoomTable } from '#core/room/tables'
import { loadView } from '~/games'
import type { Choice, Level, Pair, Person } from '#shared/api'
import { callApi } from '~/utils/api'

interface Draft {
  here: string[]
  wished: number
  tables: RoomTable[]
  source: 'table' | 'dealt'
}

const newId = () => nanoid(6)

/** Today's room: who is there, at which tables, playing what; kept on this device until all of it is started. */
export function useRoom() {
  const draft = useLocalStorage<Draft>(
    'room',
    { here: [], wished: 3, tables: [], source: 'table' },
    { mergeDefaults: true },
  )
  const people = shallowRef<readonly Person[]>([])
  const pairs = shallowRef<readonly Pair[]>([])
  const levels = shallowRef<readonly Level[]>([])
  const choices = shallowRef<readonly Choice[]>([])
  const games = shallowRef<Readonly<Record<string, Game>>>({})
  const ready = ref(false)
  const busy = ref(false)
  const failed = ref<string | null>(null)

  async function load() {
    failed.value = null
    try {
      const [known, room, counted] = await Promise.all([
        callApi<{ people: Person[] }>('/api/people'),
        callApi<{ pairs: Pair[]; levels: Level[] }>('/api/room'),
        callApi<{ choices: Choice[] }>('/api/choices'),
      ])
      people.value = known.people
      pairs.value = room.pairs
      levels.value = room.levels
      choices.value = counted.choices
      // Somebody who is known no more sits nowhere.
      const ids = new Set(known.people.map(({ id }) => id))
      draft.value.here = draft.value.here.filter((id) => ids.has(id))
      seat(withoutPeople(draft.value.tables, (id) => !ids.has(id)))
      await Promise.all(draft.value.tables.map(({ game }) => loadGame(game)))
      ready.value = true
    } catch (error) {
      failed.value = saysOf(error)
    }
  }
  onMounted(load)

  async function loadGame(id: string) {
    if (!id || games.value[id]) return
    const view = await loadView(id)
    if (view) games.value = { ...games.value, [id]: view.game }
  }

  const here = computed(() => people.value.filter(({ id }) => draft.value.here.includes(id)))
  const seated = computed(() => new Set(draft.value.tables.flatMap((table) => table.people)))
  const waiting = computed(() => here.value.filter(({ id }) => !seated.value.has(id)))
  const personOf = (id: string) => people.value.find((person) => person.id === id)

  function seat(tables: RoomTable[]) {
    draft.value.tables = tables
  }
  function toggle({ id }: Person) {
    const { here: now } = draft.value
    if (!now.includes(id)) return (draft.value.here = [...now, id])
    draft.value.here = now.filter((other) => other !== id)
    seat(withoutPeople(draft.value.tables, (other) => other === id))
  }
  const everybody = () => (draft.value.here = people.value.map(({ id }) => id))

  function group(grouping: Grouping) {
    const met = new Map(pairs.value.map(({ one, other, times }) => [`${one} ${other}`, times]))
    const level = new Map(levels.value.map(({ person, said, right }) => [person, said >= ENOUGH ? right / said : null]))
    const children = here.value.map(({ id }) => ({ id, level: level.get(id) ?? null }))
    const together = (a: string, b: string) => met.get(a < b ? `${a} ${b}` : `${b} ${a}`) ?? 0
    const groups = groupsOf(children, draft.value.wished, grouping, together, randomFor(nanoid()))
    seat(seatedAt(groups, draft.value.tables, newId))
  }

  const move = (person: string, place: string) => seat(moved(draft.value.tables, person, place, newId))
  function step(person: string, by: 1 | -1) {
    const to = beside(draft.value.tables, person, by)
    if (to) move(person, to)
  }

  function change(id: string, changes: Partial<Pick<RoomTable, 'name' | 'game' | 'preset'>>) {
    draft.value.tables = draft.value.tables.map((table) => (table.id === id ? { ...table, ...changes } : table))
  }
  async function play(id: string, game: string) {
    await loadGame(game)
    change(id, { game, preset: games.value[game]?.presets[0]?.id ?? '' })
  }
  /** The same game and rules at every table. */
  function forAll({ game, preset }: RoomTable) {
    draft.value.tables = draft.value.tables.map((table) => ({ ...table, game, preset }))
  }

  /** Facts that are shaky for somebody, by person; asked for when a table is first to practise them. */
  const shaky = shallowRef<Readonly<Record<string, readonly CellKey[]>>>({})
  /** What was last suggested to a table, so that another touch brings the next one. */
  const suggested = new Map<string, number>()
  /** Why no game was suggested to a table, by its id. */
  const unsuggested = ref<Readonly<Record<string, string>>>({})

  /** The game and preset that practise most of what is shaky for those at a table; asked again, the next best. */
  async function practise({ id, people: list }: RoomTable) {
    try {
      const asked = list.filter((person) => !shaky.value[person])
      if (asked.length) {
        const told = await callApi<{ shaky: Record<string, CellKey[]> }>(`/api/people/shaky?who=${asked.join(',')}`)
        shaky.value = { ...shaky.value, ...told.shaky }
      }
      const { PRACTICE: table } = await import('#core/practice/table')
      const wished = [...new Set(list.flatMap((person) => shaky.value[person] ?? []))]
      const fits = (game: string) => {
        const seats = aboutOf(game)?.seats
        return seats !== undefined && list.length >= seats.low && list.length <= seats.high
      }
      const found = suggest(table, wished, fits, 5)
      const place = suggested.get(id) ?? 0
      suggested.set(id, place + 1)
      const next = found[place % Math.max(1, found.length)]
      const why = next
        ? ''
        : wished.length
          ? 'No game for so many practises what is shaky for them.'
          : 'Nothing is shaky for them: any game will do.'
      unsuggested.value = { ...unsuggested.value, [id]: why }
      if (!next) return
      await loadGame(next.game)
      change(id, { game: next.game, preset: next.preset })
    } catch (error) {
      failed.value = saysOf(error)
    }
  }

  /** How often those at a table have played a game, the most of any. */
  function played({ people: list }: RoomTable, game: string): number {
    return Math.max(
      0,
      ...choices.value
        .filter((choice) => choice.game === game && list.includes(choice.person))
        .map(({ times }) => times),
    )
  }
  /** What keeps a table from being started; null where nothing does. */
  function problemOf({ game, people: list }: RoomTable): string | null {
    const about = aboutOf(game)
    if (!about) return 'Choose a game.'
    const { low, high } = about.seats
    if (list.length < low) return `${about.title} needs ${low} players at least.`
    return list.length > high ? `${about.title} is for ${high} players at most.` : null
  }
  /** Real cards can't be recorded for all tables at once where they are laid out before play: there the app deals. */
  const isDealt = ({ game }: RoomTable) =>
    draft.value.source === 'dealt' || !games.value[game]?.opening.safeParse(null).success

  const canStart = computed(
    () =>
      draft.value.tables.length > 0 && !waiting.value.length && draft.value.tables.every((table) => !problemOf(table)),
  )
  async function start() {
    if (!canStart.value || busy.value) return
    busy.value = true
    failed.value = null
    try {
      await callApi('/api/room/tables', 'POST', {
        tables: draft.value.tables.map((table) => ({
          game: table.game,
          name: table.name.trim(),
          houseRules: games.value[table.game]?.presets.find(({ id }) => id === table.preset)?.rules ?? {},
          seats: table.people.map((id) => ({ name: personOf(id)!.name, pennant: personOf(id)!.pennant, personId: id })),
          first: 1,
          source: isDealt(table) ? 'dealt' : 'table',
        })),
      })
      draft.value.tables = []
      await navigateTo('/')
    } catch (error) {
      failed.value = saysOf(error)
    } finally {
      busy.value = false
    }
  }
  return {
    draft,
    people,
    here,
    waiting,
    games,
    ready,
    busy,
    failed,
    canStart,
    load,
    toggle,
    everybody,
    group,
    move,
    step,
    change,
    play,
    forAll,
    practise,
    unsuggested,
    played,
    problemOf,
    isDealt,
    personOf,
    start,
  }
}

/** Answers below which nothing is said of how somebody does. */
const ENOUGH = 8
