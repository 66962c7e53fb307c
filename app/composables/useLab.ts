import * as z from 'zod'
import { ABOUTS, aboutOf } from '#core/games/abouts'
import type { Game } from '#core/contract/game'
import { defaultRules, readHouseRules } from '#core/kernel/houseRules'
import { PLAYERS, type PlayerKind } from '#core/lab/players'
import type { LabQuestion } from '#core/lab/run'
import { loadView } from '~/games'
import type { Rules } from '~/utils/houseRules'

export const MATCHES = [1000, 10_000, 100_000] as const
const MOST = 100_000

type Query = Readonly<Record<string, string | undefined>>

/** A trial as the address names it; what is missing or wrong there gives way to what is usual. */
function readTrial(query: Query) {
  const pace = Number(query.pace)
  return {
    game: query.game && aboutOf(query.game) ? query.game : ABOUTS[0]!.id,
    a: rulesIn(query.a) ?? {},
    b: query.b ? (rulesIn(query.b) ?? {}) : null,
    players: (query.players ?? '').split(',').flatMap((kind) => PLAYERS.filter((known) => known === kind)),
    matches: Math.min(MOST, Math.max(1, Number(query.n) || 1000)),
    seed: query.seed?.slice(0, 60),
    pace: pace >= 1 && pace <= 120 ? pace : null,
  }
}

/** The address of a trial, which `readTrial` reads back. */
function makeTrial({ game, a, b, players, seed, pace }: LabQuestion, matches: number): Record<string, string> {
  return {
    game,
    ...(Object.keys(a).length ? { a: JSON.stringify(a) } : {}),
    ...(b ? { b: JSON.stringify(b) } : {}),
    players: players.join(','),
    n: String(matches),
    seed,
    pace: String(pace),
  }
}

/** What is to be tried out: kept in the address, which is the link to it, and remembered on this device. */
export function useLab() {
  const { route, router, leaves } = useAddress()
  const remembered = useKept('lab', z.record(z.string(), z.string()), {})
  const game = shallowRef<Game | null>(null)
  const a = ref<Rules>({})
  const b = ref<Rules | null>(null)
  const players = ref<PlayerKind[]>([])
  const matches = ref<number>(1000)
  const seed = ref('saturday')
  const pace = ref(12)

  async function choose(id: string) {
    const view = await loadView(id)
    if (!view) return
    game.value = view.game
    const { low, high } = view.game.about.seats
    const seats = Math.min(high, Math.max(Math.max(2, low), players.value.length || 2))
    players.value = Array.from({ length: Math.min(seats, high) }, (_, i) => players.value[i] ?? 'careful')
    a.value = {}
    b.value = null
    pace.value = view.game.about.pace
  }

  onMounted(async () => {
    const asked = readTrial((route.query.game ? route.query : remembered.value) as Query)
    players.value = asked.players
    await choose(asked.game)
    a.value = asked.a
    b.value = asked.b
    matches.value = asked.matches
    if (asked.seed) seed.value = asked.seed
    if (asked.pace) pace.value = asked.pace
  })

  /** Only what differs from what is usual, as match files name it. */
  const named = (rules: Rules) =>
    game.value ? namedOnly(rules, defaultRules(game.value, players.value.length, rules)) : rules
  const question = computed<LabQuestion | null>(() => {
    if (!game.value) return null
    return {
      game: game.value.id,
      a: named(a.value),
      b: b.value && named(b.value),
      players: [...players.value],
      pace: pace.value,
      seed: seed.value,
    }
  })
  const ok = computed(() => {
    const now = game.value
    const seats = players.value.length
    if (!now || seats < now.about.seats.low || seats > now.about.seats.high) return false
    return [a.value, ...(b.value ? [b.value] : [])].every((rules) => readHouseRules(now, rules, seats).ok)
  })

  watch(
    [question, matches],
    ([now]) => {
      if (!now || leaves.value) return
      const query = makeTrial(now, matches.value)
      remembered.value = query
      void router.replace({ query })
    },
    { deep: true },
  )
  return { game, a, b, players, matches, seed, pace, question, ok, choose, named }
}

export type Lab = ReturnType<typeof useLab>
