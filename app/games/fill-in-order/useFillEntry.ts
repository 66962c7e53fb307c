import { ofSeat } from '#core/kit/seats'
import { fillInOrder } from '#core/games/fill-in-order/index'
import { deckFor, faceOf, type Face, type Played } from '#core/games/fill-in-order/cards'
import { openSlots, slotFor, type Turn } from '#core/games/fill-in-order/rules'

/** A chain half entered: where its first card came from, every card so far, and a wild whose place is asked for. */
export interface FillEntry {
  readonly from: 'stock' | 'discard'
  readonly cards: readonly Played[]
  readonly wild: 'K' | 'J' | null
}

/** What table and pad of Fill in Order share. */
export function useFillEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(fillInOrder)
  const entry = useEntry<FillEntry>(() => ({ from: 'stock', cards: [], wild: null }))
  const faces = computed(() => deckFor(rules.value).faces)
  const mine = computed(() => ofSeat(state.value.layouts, seat.value))
  /** The player’s places with the chain in them, as far as its cards could go. */
  const layout = computed(() => {
    const now = [...mine.value]
    for (const card of entry.value.cards) {
      const slot = slotFor(now, card)
      if (slot !== null) now[slot - 1] = faceOf(card)
    }
    return now
  })
  const open = computed(() => openSlots(layout.value))
  const top = computed(() => state.value.discards.at(-1) ?? null)
  const discardFits = computed(() => top.value !== null && slotFor(mine.value, top.value) !== null)
  const isWild = (face: Face) => face === rules.value.wild
  const turn = computed<Turn | null>(() =>
    entry.value.cards.length ? { do: 'turn', by: seat.value, from: entry.value.from, cards: entry.value.cards } : null,
  )
  /** Whether the chain is at its end: its last card could not go, or filled the last place. */
  const ended = computed(() => {
    const now = [...mine.value]
    return entry.value.cards.some((card) => {
      const slot = slotFor(now, card)
      if (slot !== null) now[slot - 1] = faceOf(card)
      return slot === null || !now.includes(null)
    })
  })

  const set = (to: Partial<FillEntry>) => (entry.value = { ...entry.value, ...to })
  /** The next card of the chain; a wild asks for its place first. */
  function come(face: Face) {
    if (isWild(face)) set({ wild: face as 'K' | 'J' })
    else set({ cards: [...entry.value.cards, face], wild: null })
  }
  function put(slot: number) {
    const { wild, cards } = entry.value
    if (wild) set({ cards: [...cards, { wild, slot }], wild: null })
  }
  const takeDiscard = () => top.value !== null && set({ from: 'discard', cards: [top.value], wild: null })
  function back() {
    const { cards, wild } = entry.value
    const left = wild ? cards : cards.slice(0, -1)
    set({ cards: left, wild: null, ...(left.length ? {} : { from: 'stock' }) })
  }

  return {
    seat,
    entry,
    rules,
    state,
    faces,
    layout,
    open,
    top,
    discardFits,
    turn,
    ended,
    set,
    come,
    put,
    takeDiscard,
    back,
  }
}
