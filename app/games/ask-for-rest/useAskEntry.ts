import { askForRest } from '#core/games/ask-for-rest/index'
import { hasPartner } from '#core/games/ask-for-rest/partners'
import { facesOf } from '#core/kit/pack'

export type AskMode = 'ask' | 'lay' | 'replace'

/** What is half entered: a question, a pair spotted, or a card put out. */
export interface AskEntry {
  readonly mode: AskMode
  /** Who lays or replaces; the one on turn where nobody was touched. */
  readonly by: number | null
  /** Whom one asks. */
  readonly of: number | null
  readonly cards: readonly number[]
}

const FRESH: AskEntry = { mode: 'ask', by: null, of: null, cards: [] }

/** The pad's state of Ask for the Rest. */
export function useAskEntry() {
  const desk = useDesk()
  const { rules, state } = useTable(askForRest)
  const entry = useEntry<AskEntry>(() => FRESH)
  const faces = computed(() => facesOf(rules.value.pack))
  const live = computed(() => faces.value.filter((card) => hasPartner(rules.value.pack, rules.value.target, card)))
  /** What may be put out: cards without a partner, also such as were left in by mistake (a ten in a pack up to nine). */
  const dead = computed(() => {
    const { low, high } = rules.value.pack
    return facesOf({ low: Math.min(0, low), high: Math.max(10, high), copies: 1 }).filter(
      (card) => !live.value.includes(card),
    )
  })
  const keys = computed(() =>
    entry.value.mode === 'replace' ? dead.value : entry.value.mode === 'ask' ? live.value : faces.value,
  )
  const others = computed(() =>
    state.value.hands.flatMap(({ size }, i) => (i + 1 !== desk.seat.value && size > 0 ? [i + 1] : [])),
  )
  /** With only one other player there is nobody to choose. */
  const of = computed(() => entry.value.of ?? (others.value.length === 1 ? others.value[0]! : null))
  const by = computed(() => entry.value.by ?? desk.seat.value)

  const change = (parts: Partial<AskEntry>) => (entry.value = { ...entry.value, ...parts })
  function setMode(mode: AskMode) {
    entry.value = { ...FRESH, mode }
  }

  return { entry, rules, state, faces, dead, keys, others, of, by, change, setMode }
}
