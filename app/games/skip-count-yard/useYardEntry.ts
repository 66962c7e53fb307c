import { ofSeat } from '#core/kit/seats'
import { skipCountYard } from '#core/games/skip-count-yard/index'
import { cardsIn, deckOfSets, POSITIONS, whyNot, type Position } from '#core/games/skip-count-yard/yard'
import type { YardPlay } from '#core/games/skip-count-yard/rules'
import { countOf } from '#core/kit/pack'

/** A card on its way to a place, or cards lifted from one (null: the whole run). */
export interface YardEntry {
  readonly card: number | null
  readonly from: { readonly at: Position; readonly count: number | null } | null
}

/** What was touched in the yard: a place, and from which of its cards upward (0 the lowest); dropped on another place where it was dragged. */
export interface YardTouch {
  readonly at: Position
  readonly index: number | null
  readonly dropped?: Position
}

/** What table and pad of Skip-Count Yard share. */
export function useYardEntry() {
  const { seat, dealer } = useDesk()
  const { rules, state } = useTable(skipCountYard)
  const entry = useEntry<YardEntry>(() => ({ card: null, from: null }))
  const owesDraw = computed(() => !state.value.drawn && state.value.stock > 0)
  const deck = computed(() => deckOfSets(rules.value.sets))
  const hand = computed(() => ofSeat(state.value.hands, seat.value))
  /** In a dealt match the player’s own cards; else every card there is. */
  const cards = computed(() =>
    dealer.dealt.value ? [...new Set(hand.value.known)].sort((a, b) => a - b) : deck.value.faces,
  )
  const spent = (card: number) => countOf(cardsIn(state.value.yard), card) >= deck.value.copiesOf(card)
  /** What is in hand to be laid: the card, or the cards lifted. */
  const lifted = computed(() => {
    const { card, from } = entry.value
    if (card !== null) return [card]
    if (!from) return []
    const run = state.value.yard[from.at]
    return run.slice(run.length - (from.count ?? run.length))
  })
  /** The places where it may go. */
  const open = computed<Position[]>(() =>
    lifted.value.length
      ? POSITIONS.filter(
          (at) =>
            at !== entry.value.from?.at && whyNot(rules.value.sets, state.value.yard[at], at, lifted.value) === null,
        )
      : [],
  )
  function playTo(to: Position): YardPlay | null {
    const { card, from } = entry.value
    const by = seat.value
    if (card !== null) return { do: 'add', by, card, to }
    return from && { do: 'move', by, from: from.at, to, ...(from.count === null ? {} : { count: from.count }) }
  }
  const pickCard = (card: number | null) =>
    (entry.value = { card: entry.value.card === card ? null : card, from: null })
  /** Lifts the upper part of a run from the card touched; the whole of it where its lowest is. */
  function lift(at: Position, index: number) {
    const run = state.value.yard[at]
    const whole = index <= 0 || rules.value.moves === 'whole'
    entry.value = { card: null, from: { at, count: whole ? null : run.length - index } }
  }
  const clear = () => (entry.value = { card: null, from: null })

  return { seat, entry, rules, state, owesDraw, hand, cards, spent, lifted, open, playTo, pickCard, lift, clear }
}
