import { ofSeat } from '#core/kit/seats'
import { tokenDip } from '#core/games/token-dip/index'
import { added, recountsDue, worthOf, type DipPlay } from '#core/games/token-dip/rules'

/** A dip half entered, or a recount of one seat. */
export interface DipEntry {
  readonly token: string | null
  /** What was counted so far; left out while nothing is counted. */
  readonly counts?: Readonly<Record<string, number>>
  /** Whose tokens are counted. */
  readonly of?: number
}

/** What table and pad of Token Dip share. */
export function useDipEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(tokenDip)
  const entry = useEntry<DipEntry>(() => ({ token: null }))

  const due = computed(() => recountsDue(rules.value, state.value))
  /** Whose tokens are being counted; null while it is dipped. */
  const counting = computed(() => entry.value.of ?? due.value[0] ?? null)
  const before = computed(() => ofSeat(state.value.totals, seat.value))
  /** What the token touched does; null before one is. */
  const leads = computed(() => {
    const worth = entry.value.token === null ? undefined : worthOf(rules.value, entry.value.token)
    return worth === undefined ? null : { worth, ...added(rules.value, before.value, worth) }
  })
  const play = computed<DipPlay | null>(() => {
    const { token, counts = {} } = entry.value
    if (counting.value !== null) return { do: 'recount', by: counting.value, counts }
    return token === null ? null : { do: 'dip', by: seat.value, token }
  })
  const dip = (token: string | null) => (entry.value = { token })
  /** Begins to count the tokens of a seat; null stops it. */
  const count = (of: number | null) => (entry.value = of === null ? { token: null } : { token: null, of })
  function setCount(token: string, number: number) {
    const of = counting.value
    if (of !== null) entry.value = { token: null, of, counts: { ...entry.value.counts, [token]: Math.max(0, number) } }
  }

  return { entry, rules, state, due, counting, before, leads, play, dip, count, setCount }
}
