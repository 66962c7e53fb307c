import { ABOUTS, aboutOf } from '#core/games/abouts'
import type { Game } from '#core/contract/game'
import { defaultRules, readHouseRules } from '#core/kernel/houseRules'
import { PLAYERS, type PlayerKind } from '#core/lab/players'
import type { LabQuestion } from '#core/lab/run'
import { loadView } from '~/games'
import type { Rules } from '~/utils/houseRules'

export const MATCHES = [1000, 10_000, 100_000] as const
const MOST = 100_000

/** What is to be tried out: kept in the address, which is the link to it, and remembered on this device. */
export function useLab() {
  const { route, router, leaves } = useAddress()
  const remembered = useLocalStorage<Record<string, string>>('lab', {})
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
    const query = { ...(route.query.game ? route.query : remembered.value) } as Record<string, string | undefined>
    const kinds = (query.players ?? '')
      .split(',')
      .filter((kind): kind is PlayerKind => (PLAYERS as readonly string[]).includes(kind))
    players.value = kinds
    await choose(aboutOf(query.game ?? '') ? query.game! : ABOUTS[0]!.id)
    a.value = rulesIn(query.a) ?? {}
    b.value = query.b ? (rulesIn(query.b) ?? {}) : null
    matches.value = Math.min(MOST, Math.max(1, Number(query.n) || 1000))
    if (query.seed) seed.value = query.seed.slice(0, 60)
    const asked = Number(query.pace)
    if (asked >= 1 && asked <= 120) pace.value = asked
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
      const query: Record<string, string> = {
        game: now.game,
        ...(Object.keys(now.a).length ? { a: JSON.stringify(now.a) } : {}),
        ...(now.b ? { b: JSON.stringify(now.b) } : {}),
        players: now.players.join(','),
        n: String(matches.value),
        seed: now.seed,
        pace: String(now.pace),
      }
      remembered.value = query
      void router.replace({ query })
    },
    { deep: true },
  )
  return { game, a, b, players, matches, seed, pace, question, ok, choose, named }
}

export type Lab = ReturnType<typeof useLab>
