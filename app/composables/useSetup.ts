import { nanoid } from 'nanoid'
import * as z from 'zod'
import { ABOUTS } from '#core/games/abouts'
import type { Game } from '#core/contract/game'
import { openMatch } from '#core/kernel/match'
import { MEMBER_ORDERS } from '#core/kernel/members'
import { seatPeople } from '#core/basics/pennants'
import { mixedSeed } from '#core/basics/random'
import type { Problem } from '#core/contract/problem'
import { seatOf, type SetupSeat } from '~/composables/useSetupSeats'
import { loadView } from '~/games'
import type { GameView } from '~/games/view'
import { callApi } from '~/utils/api'
import type { Seat } from '#shared/api'
import type { Person } from '#shared/people'

const REMEMBERED = z.object({
  game: z.string(),
  names: z.array(z.string()).max(64),
  rules: z.record(z.string(), z.unknown()),
  rememberNames: z.boolean(),
  /** By seat: the members of a side and how they follow each other; null for a seat of one. */
  sides: z
    .array(z.object({ members: z.array(z.string()), memberOrder: z.enum(MEMBER_ORDERS) }).nullable())
    .max(64)
    .optional(),
  veiled: z.boolean().optional(),
})
export type Remembered = z.output<typeof REMEMBERED>

/** What was set up last on this device, to begin with. */
export function useRememberedSetup() {
  return useKept('last-setup', REMEMBERED, {
    game: ABOUTS[0]!.id,
    names: ['', ''],
    rules: {},
    rememberNames: true,
  })
}

/** The view (and rules) of the game to begin with; one that is no longer there gives way to the first. */
export async function loadRemembered({ value }: Readonly<Ref<Remembered>>): Promise<GameView> {
  return (await loadView(value.game)) ?? (await loadView(ABOUTS[0]!.id))!
}

/** What is set up: which game, for whom, under which rules, on what table. */
function useTableToBe(remembered: Ref<Remembered>, begin: GameView) {
  const view = shallowRef(begin)
  const game = computed<Game>(() => view.value.game)
  const { names, sides } = remembered.value
  const seating = useSetupSeats(
    () => game.value.about,
    names.map((each, i) => seatOf(each, sides?.[i]?.members, sides?.[i]?.memberOrder)),
  )
  const ruling = useSetupRules(
    () => game.value,
    () => seating.seats.value.length,
    remembered.value.rules,
  )
  const source = ref<'table' | 'dealt'>('table')
  /** The children play on their own. */
  const veiled = ref(remembered.value.veiled ?? false)
  const name = ref('')
  /** The match whose board this one takes over. */
  const boardOf = ref<string | null>(null)
  /** What is laid out before play, where the game records it and real cards lie; null where it doesn't. */
  const opening = shallowRef<unknown>(null)

  /** What is wrong with the opening, in words; the dealer lays out its own. */
  const openingProblems = computed<readonly Problem[]>(() => {
    if (source.value === 'dealt' || ruling.problems.value.length || game.value.opening.safeParse(null).success)
      return []
    const opened = openMatch(game.value, {
      houseRules: ruling.named.value,
      players: seating.seats.value.map(({ name }, i) => name.trim() || `Player ${i + 1}`),
      first: seating.first.value,
      source: 'table',
      seed: null,
      opening: opening.value,
    })
    return opened.ok ? [] : opened.problems.filter(({ path }) => path.startsWith('opening'))
  })
  return { view, game, seating, ruling, source, veiled, name, boardOf, opening, openingProblems }
}

type TableToBe = ReturnType<typeof useTableToBe>

/** Beginning with another game, a preset, or as a match that was played. */
function useChoosing({ view, game, seating, ruling, source, veiled, name, boardOf, opening }: TableToBe) {
  let wanted = ''
  const presetOf = ({ game: { presets } }: GameView, id: string) => presets.find((preset) => preset.id === id)

  /** Another game with its usual rules or those of a preset; where several are chosen in haste, the last one counts. */
  async function choose(id: string, school = '') {
    wanted = id
    const chosen = await loadView(id)
    if (!chosen || wanted !== id) return
    if (chosen !== view.value) {
      view.value = chosen
      ruling.usePreset({})
      opening.value = null
    }
    const preset = presetOf(chosen, school)
    if (preset) ruling.usePreset(preset.rules)
  }

  /** Begins like a match that was played: same game, people and rules (or those of a preset), the next one starting. */
  async function like(id: string, school = '') {
    const match = await callApi(`/api/matches/${id}`)
    const found = await loadView(match.game)
    if (!found) return
    view.value = found
    seating.seats.value = match.seats.map(({ name, members, memberOrder }) => seatOf(name, members, memberOrder))
    ruling.usePreset(presetOf(found, school)?.rules ?? match.houseRules)
    name.value = match.name
    // The projector goes on with the next match of the same table.
    boardOf.value = match.id
    seating.first.value = (match.first % match.seats.length) + 1
    source.value = match.source
    veiled.value = match.veiled
  }

  /**
   * The children at two tables, where one is too small for them: as even as can be, in their order. Null where they fit at
   * one, or at two not either.
   */
  const twoTables = computed<readonly (readonly string[])[] | null>(() => {
    const names = seating.seats.value.map(({ name }) => name.trim()).filter(Boolean)
    const { low, high } = game.value.about.seats
    const half = Math.ceil(names.length / 2)
    if (names.length <= high || half > high || names.length - half < low) return null
    return [names.slice(0, half), names.slice(half)]
  })
  return { choose, like, twoTables }
}

/** A match being set up: game, seats, house rules; what is wrong with them, and starting it. */
export function useSetup(people: Ref<readonly Person[]>, remembered: Ref<Remembered>, begin: GameView) {
  const table = useTableToBe(remembered, begin)
  const { view, seating, ruling, game, source, veiled, name, boardOf, opening, openingProblems } = table
  const { like, ...choosing } = useChoosing(table)
  const tried = ref(false)
  const { busy, failed, doing } = useDoing()

  const known = (names: readonly string[]) => (remembered.value.rememberNames ? rememberPeople(names) : people.value)
  /** What is played, and how, at each table that is made now. */
  const played = () => ({
    game: game.value.id,
    source: source.value,
    seed: source.value === 'dealt' ? mixedSeed(nanoid(10)) : null,
    veiled: veiled.value,
  })

  /** Makes both tables under the same rules, as far as those fit; both are then in the room. */
  const startTwo = () =>
    doing(async () => {
      const tables = choosing.twoTables.value
      if (!tables) return
      const persons = await known(tables.flat())
      for (const [i, names] of tables.entries())
        await callApi('/api/matches', 'POST', {
          ...played(),
          name: name.value.trim() && `${name.value.trim()} ${i + 1}`.slice(0, 40),
          houseRules: ruling.namedFor(names.length),
          seats: seatPeople(names, persons),
          first: 1,
          opening: null,
        })
      await navigateTo('/')
    })

  /** Starts the match; `onPaper`: only its result is entered, so that nothing need lie there. */
  async function start(onPaper = false) {
    tried.value = true
    if (seating.seatProblem.value || ruling.problems.value.length) return
    if (openingProblems.value.length && !onPaper) return
    const laid = onPaper && view.value.Opening ? { source: 'dealt' as const, seed: mixedSeed(nanoid(10)) } : {}
    await doing(async () => {
      const seated = seating.seats.value
      const persons = await known(seating.everybody.value)
      const made = await callApi('/api/matches', 'POST', {
        ...played(),
        ...laid,
        name: name.value.trim(),
        boardOf: boardOf.value,
        houseRules: ruling.named.value,
        seats: seatsFor(seated, persons),
        first: seating.first.value,
        opening: source.value === 'table' && !onPaper ? opening.value : null,
      })
      const rules = ruling.named.value
      const again = { game: game.value.id, rules, veiled: veiled.value, ...remembering(seated) }
      remembered.value = { ...remembered.value, ...again }
      await navigateTo(`/match/${made.id}${onPaper ? '?paper=1' : ''}`)
    })
  }

  return {
    ...{ view, game, name, source, veiled, opening, openingProblems },
    ...seating,
    ...ruling,
    ...choosing,
    ...{ tried, busy, failed, remembered, start, startTwo },
    like: (id: string, school?: string) => doing(() => like(id, school)),
  }
}

export type Setup = ReturnType<typeof useSetup>

/** Who sat where, to begin with next time. */
const remembering = (seated: readonly SetupSeat[]): Pick<Remembered, 'names' | 'sides'> => ({
  names: seated.map(({ name }) => name.trim()),
  sides: seated.map(({ members, memberOrder }) => members && { members: [...members], memberOrder }),
})

/** Seats under their pennants; a side is nobody in particular. */
function seatsFor(seated: readonly SetupSeat[], persons: readonly Person[]): Seat[] {
  const names = seated.map(({ name }) => name.trim())
  return seatPeople(names, persons).map((seat, i) => {
    const { members, memberOrder } = seated[i]!
    return members ? { ...seat, personId: null, members, memberOrder } : seat
  })
}

async function rememberPeople(names: readonly string[]): Promise<readonly Person[]> {
  const { people } = await callApi('/api/people')
  const unknown = names.filter((name) => !people.some((person) => person.name.toLowerCase() === name.toLowerCase()))
  for (const name of unknown) await callApi('/api/people', 'POST', { name })
  return unknown.length ? (await callApi('/api/people')).people : people
}
