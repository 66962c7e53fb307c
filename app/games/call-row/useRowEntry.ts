import { callRow } from '#core/games/call-row/index'
import type { Call } from '#core/games/call-row/rules'
import { facesOf, without } from '#core/pack'

/** A call half entered: who, and the cards touched in the row. */
export interface RowEntry {
  readonly by: number | null
  readonly cards: readonly number[]
}

/** What table and pad of Call the Row share. */
export function useRowEntry() {
  const { seats, tape } = useDesk()
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
    // With two at the table nobody need be asked twice; else the caller is touched before or after.
    entry.value = { by, cards: isIn ? without(cards, card) : [...cards, card] }
  }
  const clear = () => (entry.value = { by: null, cards: [] })

  /** Dealing never waits for a call: what is half entered stays when another card is recorded. */
  let kept: RowEntry = entry.value
  watch(entry, (now) => (now.by !== null || now.cards.length) && (kept = now))
  watch(
    () => tape.value?.state.played,
    (now, before) => {
      const newest = tape.value?.lines.at(-1)?.play as { do?: string } | null | undefined
      const dealt = newest?.do === 'deal' && (now ?? 0) > (before ?? 0)
      if (dealt && (kept.by !== null || kept.cards.length)) entry.value = kept
      else kept = { by: null, cards: [] }
    },
  )
  return { seats, entry, rules, state, faces, call, chosen, pickCaller, pickCard, clear }
}
