import { callRow } from '#core/games/call-row/index'
import type { Call } from '#core/games/call-row/rules'
import { facesOf, without } from '#core/kit/pack'

/** A call half entered: who, and the cards touched in the row. */
export interface RowEntry {
  readonly by: number | null
  readonly cards: readonly number[]
}

/** What table and pad of Call the Row share. */
export function useRowEntry() {
  const { seats } = useDesk()
  const { rules, state } = useTable(callRow)
  const entry = useEntry<RowEntry>(() => ({ by: null, cards: [] }))
  const faces = computed(() => facesOf(rules.value.pack))
  const call = computed<Call | null>(() => {
    const { by, cards } = entry.value
    return by !== null && cards.length ? { do: 'call', by, cards } : null
  })
  /** The places of the row whose cards are in the call. */
  const chosen = computed(() => {
    let left = entry.value.cards
    return state.value.row.map((card) => {
      const has = left.includes(card)
      if (has) left = without(left, card)
      return has
    })
  })

  function pickCaller(by: number) {
    entry.value = { by: entry.value.by === by ? null : by, cards: entry.value.cards }
  }
  /** Touches a card of the row: into the call, or out of it again. */
  function pickCard(card: number, isIn: boolean) {
    const { by, cards } = entry.value
    entry.value = { by, cards: isIn ? without(cards, card) : [...cards, card] }
  }
  const clear = () => (entry.value = { by: null, cards: [] })

  return { seats, entry, rules, state, faces, call, chosen, pickCaller, pickCard, clear }
}

/** Dealing never waits for a call: what is half entered stays when another card is recorded. For the pad alone. */
export function useKeptCall() {
  const desk = useDesk()
  // The desk drops what is half entered with every play; whoever clears it leaves an empty call.
  let kept = desk.entry.value as RowEntry | null
  watch(desk.entry, (now) => now && (kept = now as RowEntry))
  watch(
    () => desk.tape.value?.state.played ?? 0,
    (now, before) => {
      const newest = desk.tape.value?.lines.at(-1)?.play
      if (now > before && newest?.do === 'deal' && kept) desk.entry.value = kept
      else kept = null
    },
  )
}
