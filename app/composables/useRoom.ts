import { nanoid } from 'nanoid'
import * as z from 'zod'
import { seatPeople } from '#core/basics/pennants'
import { aboutOf } from '#core/games/abouts'
import { matchName } from '#core/games/titles'
import type { Game } from '#core/contract/game'
import { randomFor } from '#core/basics/random'
import { list } from '#core/basics/words'
import { pieces } from '#core/kit/parts'
import { BEGINNINGS, firstOf } from '#core/room/begins'
import { groupsOf, sharedShaky, type Grouping } from '#core/room/grouping'
import { beside, moved, seatedAt, withoutPeople, type RoomTable } from '#core/room/tables'
import { loadView } from '~/games'
import type { NamedRules } from '#shared/api'
import type { Person } from '#shared/people'
import { callApi } from '~/utils/api'

const DRAFT = z.object({
  here: z.array(z.string()),
  wished: z.int().min(2).max(4),
  tables: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      people: z.array(z.string()),
      game: z.string(),
      preset: z.string(),
      rules: z.record(z.string(), z.unknown()).optional(),
      from: z.string().optional(),
      minutes: z.int().min(1).max(90).optional(),
    }),
  ),
  source: z.enum(['table', 'dealt']),
  /** The children play on their own at all tables. */
  veiled: z.boolean().default(false),
  /** Who begins at each table. */
  begins: z.enum(BEGINNINGS).default('lot'),
})
type RoomDraft = Omit<z.output<typeof DRAFT>, 'tables'> & { tables: RoomTable[] }

const newId = () => nanoid(6)
/** People that are asked about at once. */
const MOST_ASKED = 64

/**
 * What is known of everybody here: who met whom how often, how well each does, and who played what; there once what is needed
 * besides is there: `beside`.
 */
function useRoomKnowledge(beside: () => Promise<unknown>) {
  const { told, failed, load } = useAnswer(async () => {
    const [{ people }, { pairs, levels }, { choices }] = await Promise.all([
      callApi('/api/people'),
      callApi('/api/room'),
      callApi('/api/choices'),
      beside(),
    ])
    return { people, pairs, levels, choices }
  })
  const people = computed<readonly Person[]>(() => told.value?.people ?? [])
  const ready = computed(() => told.value !== null)
  /** Facts that are shaky for somebody, by person: asked for when tables are first made by them. */
  const shaky = shallowRef<Readonly<Record<string, readonly string[]>>>({})

  const personOf = (id: string) => people.value.find((person) => person.id === id)
  /** How often those at a table have played a game, the most of any. */
  function played({ people: list }: RoomTable, game: string): number {
    const mine = (told.value?.choices ?? []).filter((choice) => choice.game === game && list.includes(choice.person))
    return Math.max(0, ...mine.map(({ times }) => times))
  }
  /** Those of `ids` with how well they do, and how often two of them met: what groups are made by. */
  function forGrouping(ids: readonly string[]) {
    const { pairs = [], levels = [] } = told.value ?? {}
    const met = new Map(pairs.map(({ one, other, times }) => [`${one} ${other}`, times]))
    const level = new Map(levels.map(({ person, said, right }) => [person, said >= ENOUGH ? right / said : null]))
    return {
      children: ids.map((id) => ({ id, level: level.get(id) ?? null, shaky: shaky.value[id] ?? [] })),
      together: (a: string, b: string) => met.get(a < b ? `${a} ${b}` : `${b} ${a}`) ?? 0,
    }
  }
  /** Asks what is shaky for those of whom that is not known yet; without an answer tables are made by what is known. */
  async function learnShaky(ids: readonly string[]) {
    for (const some of pieces(
      ids.filter((id) => !shaky.value[id]),
      MOST_ASKED,
    )) {
      const told = await callApi(`/api/people/shaky?who=${some.join(',')}`).catch(() => ({ shaky: {} }))
      shaky.value = { ...shaky.value, ...told.shaky }
    }
  }
  /** What is shaky for two at least of those at a table. */
  const sharedAt = (table: RoomTable) => sharedShaky(table.people.map((id) => ({ shaky: shaky.value[id] ?? [] })))
  return { people, ready, failed, load, personOf, played, forGrouping, learnShaky, sharedAt }
}

type RoomKnowledge = ReturnType<typeof useRoomKnowledge>

/** Who sits at which table: by groups, by hand, and by who is here at all. */
function useRoomSeating(draft: Ref<RoomDraft>, { people, forGrouping, learnShaky }: RoomKnowledge) {
  const here = computed(() => people.value.filter(({ id }) => draft.value.here.includes(id)))
  const seated = computed(() => new Set(draft.value.tables.flatMap((table) => table.people)))
  const waiting = computed(() => here.value.filter(({ id }) => !seated.value.has(id)))

  function seat(tables: RoomTable[]) {
    draft.value.tables = tables
  }
  function toggle({ id }: Person) {
    const { here: now } = draft.value
    if (!now.includes(id)) return (draft.value.here = [...now, id])
    draft.value.here = now.filter((other) => other !== id)
    seat(withoutPeople(draft.value.tables, (other) => other === id))
  }
  /** Some come in, beside those who are here. */
  const comeIn = (ids: readonly string[]) => (draft.value.here = [...new Set([...draft.value.here, ...ids])])
  /** Somebody who is known no more sits nowhere. */
  function dropUnknown() {
    const ids = new Set(people.value.map(({ id }) => id))
    draft.value.here = draft.value.here.filter((id) => ids.has(id))
    seat(withoutPeople(draft.value.tables, (id) => !ids.has(id)))
  }

  /** Tables made anew; those that were there before come back with what is returned. */
  async function group(grouping: Grouping) {
    if (grouping === 'like' || grouping === 'mixed') await learnShaky(draft.value.here)
    const { children, together } = forGrouping(here.value.map(({ id }) => id))
    const groups = groupsOf(children, draft.value.wished, grouping, together, randomFor(nanoid()))
    const before = draft.value.tables
    seat(seatedAt(groups, before, newId))
    return () => seat(before)
  }
  const move = (person: string, place: string, at?: number) => seat(moved(draft.value.tables, person, place, newId, at))
  /** Who was touched, and goes to the place that is touched next. */
  const picked = ref<string | null>(null)
  const pick = (person: string) => (picked.value = picked.value === person ? null : person)
  function putDown(place: string) {
    if (picked.value) move(picked.value, place)
    picked.value = null
  }
  function step(person: string, by: 1 | -1) {
    const to = beside(draft.value.tables, person, by)
    if (to) move(person, to)
  }
  /** Other tables in place of those there are, with those who sit there here; back again with what is returned. */
  function reseat(tables: readonly RoomTable[]) {
    const { here: were, tables: before } = draft.value
    draft.value.here = [...new Set(tables.flatMap((table) => table.people))]
    seat([...tables])
    dropUnknown()
    return () => {
      draft.value.here = were
      seat(before)
    }
  }
  /** More tables beside those there are, with those who sit there here; back again with what is returned. */
  const bring = (tables: readonly RoomTable[]) => {
    const theirs = new Set(tables.flatMap((table) => table.people))
    return reseat([...withoutPeople(draft.value.tables, (id) => theirs.has(id)), ...tables])
  }
  return { here, bring, waiting, toggle, comeIn, dropUnknown, group, reseat, move, step, picked, pick, putDown }
}

/** What is played at each table, and what keeps a table from being started. */
function useRoomGames(draft: Ref<RoomDraft>) {
  const games = shallowRef<Readonly<Record<string, Game>>>({})
  /** House rules that are kept under a name, by game. */
  const named = shallowRef<Readonly<Record<string, readonly NamedRules[]>>>({})
  async function loadGame(id: string) {
    if (!id || games.value[id]) return
    const [view, kept] = await Promise.all([
      loadView(id),
      callApi(`/api/house-rules?game=${id}`).catch(() => ({ rules: [] })),
    ])
    if (!view) return
    games.value = { ...games.value, [id]: view.game }
    named.value = { ...named.value, [id]: kept.rules }
  }
  const rulesOf = ({ game, preset, rules = {}, minutes }: RoomTable) => ({
    ...(games.value[game]?.presets.find(({ id }) => id === preset)?.rules ?? rules),
    ...(minutes === undefined ? {} : { minutes }),
  })

  function change(id: string, changes: Partial<Omit<RoomTable, 'id' | 'people'>>) {
    draft.value.tables = draft.value.tables.map((table) => (table.id === id ? { ...table, ...changes } : table))
  }
  /** Another game at a table, under a preset or the game's first. */
  async function play(id: string, game: string, preset?: string) {
    await loadGame(game)
    change(id, { game, preset: preset ?? games.value[game]?.presets[0]?.id ?? '', rules: undefined })
  }
  /** The same game and rules at every table. */
  function forAll({ game, preset, rules, minutes }: RoomTable) {
    draft.value.tables = draft.value.tables.map((table) => ({ ...table, game, preset, rules, minutes }))
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
  return { games, named, loadGame, rulesOf, change, play, forAll, problemOf, isDealt }
}

interface Startable {
  readonly known: RoomKnowledge
  readonly canStart: Readonly<Ref<boolean>>
  rulesOf(table: RoomTable): object
  isDealt(table: RoomTable): boolean
}

/** Starts all tables at once, and finishes the matches that were left for them. */
function useStarting(
  draft: Ref<RoomDraft>,
  failed: Ref<string | null>,
  { known, canStart, rulesOf, isDealt }: Startable,
) {
  const busy = ref(false)
  const told = useTold()
  /** Under their own pennants, two alike at one table never. */
  const seatsOf = (table: RoomTable) =>
    seatPeople(
      table.people.flatMap((id) => known.personOf(id)?.name ?? []),
      known.people.value,
    )
  const listed = async () => (await callApi('/api/matches?which=all&limit=200')).matches

  /** What was reached where somebody came or left stands; the rest is played anew with who is there. */
  async function finishLeft(tables: readonly RoomTable[]) {
    const left = tables.flatMap(({ from }) => from ?? [])
    if (!left.length) return
    for (const match of (await listed()).filter(({ id, over }) => left.includes(id) && !over)) {
      const { id, last, seats, summary } = match
      const entry = { call: 'finish', why: 'who plays has changed' }
      await recordAfter(id, last, entry)
      const reached = seats.map(({ name }, i) => `${name} ${minus(summary.standing[i] ?? 0)}`)
      told(`${matchName(match)} until now: ${list(reached)}.`)
    }
  }

  async function start() {
    if (!canStart.value || busy.value) return
    busy.value = true
    failed.value = null
    const lots = randomFor(nanoid())
    const { begins, tables, veiled } = draft.value
    try {
      const earlier = begins === 'turn' ? await listed() : []
      await callApi('/api/room/tables', 'POST', {
        tables: tables.map((table) => ({
          game: table.game,
          name: table.name.trim(),
          houseRules: rulesOf(table),
          seats: seatsOf(table),
          first: firstOf(begins, table.people, earlier, lots),
          source: isDealt(table) ? 'dealt' : 'table',
          veiled,
        })),
      })
      draft.value.tables = []
      await finishLeft(tables)
      await navigateTo('/')
    } catch (error) {
      failed.value = saysOf(error)
    } finally {
      busy.value = false
    }
  }
  return { busy, start }
}

/** Today's room: who is there, at which tables, playing what; kept on this device until all of it is started. */
export function useRoom() {
  const draft = useKept<RoomDraft>('room', DRAFT, {
    here: [],
    wished: 3,
    tables: [],
    source: 'table',
    veiled: false,
    begins: 'lot',
  })
  const { rulesOf, ...playing } = useRoomGames(draft)
  const known = useRoomKnowledge(() => Promise.all(draft.value.tables.map(({ game }) => playing.loadGame(game))))
  const { dropUnknown, ...seating } = useRoomSeating(draft, known)
  watch(known.people, dropUnknown)
  /** Why what was wished was not done. */
  const undone = ref<string | null>(null)
  const failed = computed(() => undone.value ?? known.failed.value)
  const suggesting = useSuggestions(playing.play, undone)

  /** Why nothing can be started yet; null where all of it can. */
  const whyNot = computed(() => {
    const { tables } = draft.value
    const names = seating.waiting.value.map(({ name }) => name)
    if (!tables.length) return 'Make tables first, by one of the keys above.'
    if (names.length) return `${list(names)} ${names.length === 1 ? 'has' : 'have'} no table yet.`
    const table = tables.find((each) => playing.problemOf(each))
    return table ? `${table.name || 'A table'}: ${playing.problemOf(table)}` : null
  })
  const canStart = computed(() => whyNot.value === null)
  const { busy, start } = useStarting(draft, undone, { known, canStart, rulesOf, isDealt: playing.isDealt })
  const { people, ready, load, personOf, played, sharedAt } = known
  const { games, ...rest } = playing
  return {
    ...{ draft, people, games, ready, busy, failed, load, personOf, played, sharedAt },
    ...seating,
    ...rest,
    ...suggesting,
    ...{ whyNot, start },
  }
}

/** Answers below which nothing is said of how somebody does. */
const ENOUGH = 8
