import { ofSeat } from '#core/kit/seats'
import { runsThrough, topAt, withCard, type Line, type Spot } from '#core/games/six-heaps/block'
import { sixHeaps } from '#core/games/six-heaps/index'
import { lyingIn, mayPass, type Place } from '#core/games/six-heaps/rules'
import { countOf, facesOf } from '#core/kit/pack'

/** A card on its way to a heap. */
export interface HeapEntry {
  readonly card: number | null
  /** Where it was put, while lines are named. */
  readonly at: Spot | null
  readonly drew?: number
}

/** What table and pad of Six Heaps share. */
export function useHeapEntry() {
  const { seat, dealer } = useDesk()
  const { rules, state } = useTable(sixHeaps)
  const entry = useEntry<HeapEntry>(() => ({ card: null, at: null }))
  const hand = computed(() => ofSeat(state.value.hands, seat.value))
  /** In a dealt match the player’s own cards; else every card of the pack. */
  const cards = computed(() =>
    dealer.dealt.value ? [...new Set(hand.value.known)].sort((a, b) => a - b) : facesOf(rules.value.pack),
  )
  const spent = (card: number) => countOf(lyingIn(state.value), card) >= rules.value.pack.copies
  const passes = computed(() => mayPass(rules.value, state.value, seat.value) !== null)
  /** The heaps as they lie once the card is there. */
  const laid = computed(() => {
    const { card, at } = entry.value
    return card === null || !at ? state.value.heaps : withCard(state.value.heaps, at, card)
  })
  /** The straight runs through the card, each with what it makes. */
  const runs = computed(() => {
    const { at } = entry.value
    return at
      ? runsThrough(laid.value, at).map((line) => {
          const numbers = line.map((spot) => topAt(laid.value, spot)!)
          return { line, numbers, sum: numbers.reduce((a, b) => a + b, 0) }
        })
      : []
  })
  function playOf(at: Spot, spotted?: readonly Line[]): Place | null {
    const { card, drew } = entry.value
    return card === null
      ? null
      : {
          do: 'place',
          by: seat.value,
          card,
          at,
          ...(spotted ? { spotted } : {}),
          ...(drew === undefined ? {} : { drew }),
        }
  }
  const change = (to: Partial<HeapEntry>) => (entry.value = { ...entry.value, ...to })

  return { entry, rules, state, cards, spent, passes, laid, runs, playOf, change }
}
