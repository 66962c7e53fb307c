import type { Ref } from 'vue'
import { ofSeat } from '#core/kit/seats'
import { fillInOrder } from '#core/games/fill-in-order/index'
import { deckFor, faceOf, type Face, type Played } from '#core/games/fill-in-order/cards'
import { openSlots, slotFor, type Turn } from '#core/games/fill-in-order/rules'

/** A chain half entered: where its first card came from, every card so far, and a wild whose place is asked for. */
export interface FillEntry {
  readonly from: 'stock' | 'discard'
  readonly cards: readonly Played[]
  readonly wild: 'K' | 'J' | null
  /** On their own: the card that came up and whose place is to be found. */
  readonly asked?: Face | null
  /** What the app has turned up under it, to be given its place one by one; its last may be a wild that waits for a place. */
  readonly rest?: readonly Face[]
}

/** What table and pad of Fill in Order share. */
export function useFillEntry() {
  const { seat, veiled } = useDesk()
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

  const chain = makeChain({ entry, layout, top, wild: () => rules.value.wild, veiled })
  return { seat, entry, rules, state, faces, layout, open, top, discardFits, turn, ended, ...chain }
}

/** Card after card of a chain: put in, taken back, and, on their own, given its place first. */
function makeChain({
  entry,
  layout,
  top,
  wild,
  veiled,
}: {
  readonly entry: Ref<FillEntry>
  readonly layout: Readonly<Ref<readonly (Face | null)[]>>
  readonly top: Readonly<Ref<Face | null>>
  readonly wild: () => Face | 'none' | null
  readonly veiled: Readonly<Ref<boolean>>
}) {
  const set = (to: Partial<FillEntry>) => (entry.value = { ...entry.value, ...to })
  /** The next card of the chain; a wild asks for its place first. */
  function come(face: Face) {
    if (face === wild()) set({ wild: face as 'K' | 'J' })
    else if (veiled.value) set({ asked: face, wild: null })
    else set({ cards: [...entry.value.cards, face], wild: null })
  }
  /** On their own: the place (null for none) that somebody gives the card that came up; whether it is so. */
  function give(slot: number | null): boolean {
    const { asked, cards } = entry.value
    if (asked === undefined || asked === null || slotFor(layout.value, asked) !== slot) return false
    const [next = null, ...rest] = entry.value.rest ?? []
    const lies = { cards: [...cards, asked], rest }
    if (next !== null && next === wild()) set({ ...lies, asked: null, wild: next as 'K' | 'J' })
    else set({ ...lies, asked: next })
    return true
  }
  function put(slot: number) {
    const { wild: lying, cards } = entry.value
    if (lying) set({ cards: [...cards, { wild: lying, slot }], wild: null })
  }
  function takeDiscard() {
    if (top.value === null) return
    if (veiled.value) set({ from: 'discard', cards: [], wild: null, asked: top.value })
    else set({ from: 'discard', cards: [top.value], wild: null })
  }
  function back() {
    const { cards, wild: lying, asked = null } = entry.value
    const left = lying || asked !== null ? cards : cards.slice(0, -1)
    set({ cards: left, wild: null, asked: null, ...(left.length ? {} : { from: 'stock' }) })
  }
  return { set, come, put, give, takeDiscard, back }
}
