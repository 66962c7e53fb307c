import { turnTwo } from '#core/games/turn-two/index'
import { notStuck, type Turn } from '#core/games/turn-two/rules'
import { facesOf } from '#core/kit/pack'

/** Places touched so far, and the cards that were seen there; one place may wait for its card. */
export interface PairEntry {
  readonly at: readonly number[]
  readonly cards: readonly number[]
}

/** What table and pad of Turn Two share. */
export function usePairEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(turnTwo)
  const entry = useEntry<PairEntry>(() => ({ at: [], cards: [] }))
  const faces = computed(() => facesOf(rules.value.pack))
  /** The place that was touched and whose card is asked for; null while a place is to be touched. */
  const waiting = computed(() => (entry.value.at.length > entry.value.cards.length ? entry.value.at.at(-1)! : null))
  const known = computed(() => (waiting.value === null ? null : (state.value.places[waiting.value - 1]?.seen ?? null)))
  const stuck = computed(() => notStuck(rules.value, state.value) === null)
  const play = computed<Turn | null>(() => {
    const { at, cards } = entry.value
    return cards.length === rules.value.perTurn ? { do: 'turn', by: seat.value, at, cards } : null
  })
  /** Touches a place: it is turned, or, where it was the last one touched, not after all. */
  function pickPlace(place: number) {
    const { at, cards } = entry.value
    if (waiting.value === place) entry.value = { at: at.slice(0, -1), cards }
    else if (waiting.value !== null) entry.value = { at: [...at.slice(0, -1), place], cards }
    else if (at.length < rules.value.perTurn && !at.includes(place)) entry.value = { at: [...at, place], cards }
  }
  const pickCard = (card: number) => (entry.value = { at: entry.value.at, cards: [...entry.value.cards, card] })
  const setCards = (cards: readonly number[]) => (entry.value = { at: entry.value.at, cards })
  function back() {
    const { at, cards } = entry.value
    entry.value =
      at.length > cards.length ? { at: at.slice(0, -1), cards } : { at: at.slice(0, -1), cards: cards.slice(0, -1) }
  }
  /** Whether the referee peeks at what was seen: only on this device, never on the board. */
  const peeking = useState('turn-two-peeking', () => false)

  return { entry, rules, state, faces, waiting, known, stuck, play, pickPlace, pickCard, setCards, back, peeking }
}
