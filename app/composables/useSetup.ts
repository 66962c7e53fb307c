import { nanoid } from 'nanoid'
import { ABOUTS } from '#core/games/abouts'
import type { Game } from '#core/contract/game'
import { isEqual } from 'ohash'
import { defaultRules, readHouseRules } from '#core/kernel/houseRules'
import { openMatch } from '#core/kernel/match'
import { seatPeople } from '#core/basics/pennants'
import { mixedSeed } from '#core/basics/random'
import type { Problem } from '#core/contract/problem'
import { loadView } from '~/games'
import type { GameView } from '~/games/view'
import { callApi } from '~/utils/api'
import type { Person, StoredMatch } from '#shared/api'

export interface SetupSeat {
  /** Only for keeping rows apart on the page. */
  readonly key: number
  readonly name: string
}

export interface Remembered {
  game: string
  names: string[]
  rules: Record<string, unknown>
  rememberNames: boolean
}

/** Names that a setup takes: more than any one table has. */
export const MOST_NAMED = 8

let keys = 0
const seatOf = (name = ''): SetupSeat => ({ key: keys++, name })

/** What was set up last on this device, to begin with. */
export function useRememberedSetup() {
  return useLocalStorage<Remembered>('last-setup', {
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

/** A match being set up: game, seats, house rules; what is wrong with them, and starting it. */
export function useSetup(people: Ref<readonly Person[]>, remembered: Ref<Remembered>, begin: GameView) {
  const view = shallowRef(begin)
  const game = computed<Game>(() => view.value.game)
  const seats = ref<SetupSeat[]>(remembered.value.names.map(seatOf))
  const first = ref(1)
  const source = ref<'table' | 'dealt'>('table')
  const name = ref('')
  /** The match whose board this one takes over. */
  const boardOf = ref<string | null>(null)
  const rules = ref<Record<string, unknown>>({
    ...defaultRules(game.value, remembered.value.names.length),
    ...remembered.value.rules,
  })
  /** What is laid out before play, where the game records it and real cards lie; null where it doesn't. */
  const opening = shallowRef<unknown>(null)
  const tried = ref(false)
  const busy = ref(false)
  const failed = ref<string | null>(null)

  /** What every rule is by itself with these seats and these other rules. */
  const usual = computed(() => defaultRules(game.value, seats.value.length, rules.value))
  const fields = computed(() => fieldsWith(game.value, usual.value))
  // A rule that was left as usual stays so when what is usual changes with another rule, or with who plays.
  watch(usual, (now, before) => {
    const follows = Object.keys(now).filter(
      (rule) => !isEqual(now[rule], before[rule]) && isEqual(rules.value[rule], before[rule]),
    )
    if (follows.length)
      rules.value = { ...rules.value, ...Object.fromEntries(follows.map((rule) => [rule, now[rule]])) }
  })
  const read = computed(() => readHouseRules(game.value, rules.value, seats.value.length))
  const problems = computed<readonly Problem[]>(() => (read.value.ok ? [] : read.value.problems))

  const problemOf = (rule: string) => ruleProblem(problems.value, rule, game.value)

  /** What is wrong with the opening, in words; the dealer lays out its own. */
  const openingProblems = computed<readonly Problem[]>(() => {
    if (source.value === 'dealt' || problems.value.length || game.value.opening.safeParse(null).success) return []
    const players = seats.value.map(({ name }, i) => name.trim() || `Player ${i + 1}`)
    const opened = openMatch(game.value, {
      houseRules: named.value,
      players,
      first: first.value,
      source: 'table',
      seed: null,
      opening: opening.value,
    })
    return opened.ok ? [] : opened.problems.filter(({ path }) => path.startsWith('opening'))
  })

  const seatProblem = computed(() => {
    const { low, high } = game.value.about.seats
    const names = seats.value.map(({ name }) => name.trim().toLowerCase())
    if (names.length < low) return `${low} players are needed at least.`
    if (names.length > high)
      return `${high === 1 ? 'One player' : `${high} players`} at most can play ${game.value.about.title}: make two tables, or take somebody off.`
    if (names.some((name) => !name)) return 'Every player needs a name: type one, or touch a person below.'
    const twice = names.find((name, i) => names.indexOf(name) !== i)
    return twice
      ? `Two players are called ${seats.value.find(({ name }) => name.trim().toLowerCase() === twice)!.name}; add a letter to tell them apart.`
      : null
  })

  /** Only what differs from the defaults: that is what the match file names. */
  const named = computed(() => namedOnly(rules.value, usual.value))

  let wanted = ''
  /** Another game with its usual rules or those of a preset; where several are chosen in haste, the last one counts. */
  async function choose(id: string, school = '') {
    wanted = id
    const chosen = await loadView(id)
    if (!chosen || wanted !== id) return
    const preset = chosen.game.presets.find((each) => each.id === school)
    if (chosen !== view.value) {
      view.value = chosen
      rules.value = defaultRules(chosen.game, seats.value.length)
      opening.value = null
    }
    if (preset) usePreset({ ...preset.rules })
  }

  function usePreset(preset: Record<string, unknown>) {
    rules.value = { ...defaultRules(game.value, seats.value.length, preset), ...preset }
  }

  function addSeat(name = '') {
    const empty = seats.value.findIndex((seat) => !seat.name.trim())
    if (name && empty >= 0) rename(empty, name)
    // More children than the game takes may be named: they are offered two tables.
    else if (seats.value.length < MOST_NAMED) seats.value = [...seats.value, seatOf(name)]
  }

  function removeSeat(at: number) {
    if (seats.value.length <= game.value.about.seats.low) rename(at, '')
    else seats.value = seats.value.filter((_, i) => i !== at)
    first.value = Math.min(first.value, seats.value.length)
  }

  /** Takes the last seat away, where one can be spared. */
  function dropSeat() {
    if (seats.value.length > game.value.about.seats.low) removeSeat(seats.value.length - 1)
  }

  function rename(at: number, name: string) {
    seats.value = seats.value.map((seat, i) => (i === at ? { ...seat, name } : seat))
  }

  /** Moves a seat one place; who starts goes along. */
  function move(at: number, by: -1 | 1) {
    const to = at + by
    if (to < 0 || to >= seats.value.length) return
    const starter = seats.value[first.value - 1]
    const next = [...seats.value]
    ;[next[at], next[to]] = [next[to]!, next[at]!]
    seats.value = next
    first.value = next.findIndex((seat) => seat.key === starter?.key) + 1
  }

  /** Begins like a match that was played: same game, people and rules (or those of a preset), the next one starting. */
  async function like(id: string, school = '') {
    try {
      const match = await callApi<StoredMatch>(`/api/matches/${id}`)
      const found = await loadView(match.game)
      if (!found) return
      view.value = found
      seats.value = match.seats.map(({ name }) => seatOf(name))
      rules.value = { ...defaultRules(found.game, match.seats.length, match.houseRules), ...match.houseRules }
      const preset = found.game.presets.find((each) => each.id === school)
      if (preset) usePreset({ ...preset.rules })
      name.value = match.name
      // The projector goes on with the next match of the same table.
      boardOf.value = match.id
      first.value = (match.first % match.seats.length) + 1
      source.value = match.source
    } catch (error) {
      failed.value = saysOf(error)
    }
  }

  /**
   * The children at two tables, where one is too small for them: as even as can be, in their order. Null where they fit at
   * one, or at two not either.
   */
  const twoTables = computed<readonly (readonly string[])[] | null>(() => {
    const names = seats.value.map(({ name }) => name.trim()).filter(Boolean)
    const { low, high } = game.value.about.seats
    const half = Math.ceil(names.length / 2)
    if (names.length <= high || half > high || names.length - half < low) return null
    return [names.slice(0, half), names.slice(half)]
  })

  /** Makes both tables under the same rules, as far as those fit; both are then in the room. */
  async function startTwo() {
    const tables = twoTables.value
    if (!tables) return
    busy.value = true
    failed.value = null
    try {
      const known = remembered.value.rememberNames ? await rememberPeople(tables.flat()) : people.value
      for (const [i, names] of tables.entries()) {
        const rules = namedOnly(restOfRules(names.length), defaultRules(game.value, names.length))
        await callApi('/api/matches', 'POST', {
          game: game.value.id,
          name: name.value.trim() && `${name.value.trim()} ${i + 1}`.slice(0, 40),
          houseRules: rules,
          seats: seatPeople(names, known),
          first: 1,
          source: source.value,
          opening: null,
          seed: source.value === 'dealt' ? mixedSeed(nanoid(10)) : null,
        })
      }
      await navigateTo('/')
    } catch (error) {
      failed.value = saysOf(error)
    } finally {
      busy.value = false
    }
  }

  /** The rules chosen, those that went by the number of players counted anew. */
  const restOfRules = (players: number) => {
    const chosen = Object.fromEntries(
      Object.entries(rules.value).filter(([rule, value]) => !isEqual(value, usual.value[rule])),
    )
    return { ...defaultRules(game.value, players, chosen), ...chosen }
  }

  async function start() {
    tried.value = true
    if (seatProblem.value || problems.value.length || openingProblems.value.length) return
    busy.value = true
    failed.value = null
    try {
      const names = seats.value.map(({ name }) => name.trim())
      const known = remembered.value.rememberNames ? await rememberPeople(names) : people.value
      const made = await callApi<{ id: string }>('/api/matches', 'POST', {
        game: game.value.id,
        name: name.value.trim(),
        boardOf: boardOf.value,
        houseRules: named.value,
        seats: seatPeople(names, known),
        first: first.value,
        source: source.value,
        opening: source.value === 'table' ? opening.value : null,
        seed: source.value === 'dealt' ? mixedSeed(nanoid(10)) : null,
      })
      remembered.value = {
        game: game.value.id,
        names,
        rules: named.value,
        rememberNames: remembered.value.rememberNames,
      }
      await navigateTo(`/match/${made.id}`)
    } catch (error) {
      failed.value = saysOf(error)
    } finally {
      busy.value = false
    }
  }

  return {
    view,
    game,
    name,
    seats,
    first,
    source,
    opening,
    openingProblems,
    rules,
    fields,
    read,
    problems,
    problemOf,
    seatProblem,
    named,
    tried,
    busy,
    failed,
    remembered,
    choose,
    usePreset,
    addSeat,
    removeSeat,
    dropSeat,
    rename,
    move,
    like,
    start,
    twoTables,
    startTwo,
  }
}

export type Setup = ReturnType<typeof useSetup>

async function rememberPeople(names: readonly string[]): Promise<readonly Person[]> {
  const { people } = await callApi<{ people: Person[] }>('/api/people')
  const unknown = names.filter((name) => !people.some((person) => person.name.toLowerCase() === name.toLowerCase()))
  for (const name of unknown) await callApi('/api/people', 'POST', { name })
  return unknown.length ? (await callApi<{ people: Person[] }>('/api/people')).people : people
}
