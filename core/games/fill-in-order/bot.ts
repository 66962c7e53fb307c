import type { Dealt, Wish } from '#core/contract/game'
import { deckFor, faceOf, type Face, type Played } from '#core/games/fill-in-order/cards'
import {
  lyingIn,
  openSlots,
  readyToDraw,
  slotFor,
  type FillRules,
  type FillState,
  type Turn,
} from '#core/games/fill-in-order/rules'
import { restOfDeck } from '#core/kit/pack'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

/**
 * Plays a chain out: `next` gives the first card and what lies under a place, `choose` a place for a wild (null where
 * the player has still to choose). Returns the cards, and whether it stopped before such a choice.
 */
function chain(
  { wild }: Pick<FillRules, 'wild'>,
  layout: readonly (Face | null)[],
  next: (slot: number | null) => Face | undefined,
  choose: (open: readonly number[], at: number) => number | null,
): { cards: Played[]; waits: boolean } {
  const now = [...layout]
  const cards: Played[] = []
  for (let slot: number | null = null; ;) {
    const face = next(slot)
    if (face === undefined) return { cards, waits: false }
    let card: Played = face
    if (face === wild) {
      const place = choose(openSlots(now), cards.length)
      if (place === null) return { cards: [...cards, face], waits: true }
      card = { wild: face as 'K' | 'J', slot: place }
    }
    cards.push(card)
    slot = slotFor(now, card)
    if (slot === null) return { cards, waits: false }
    now[slot - 1] = faceOf(card)
    if (!now.includes(null)) return { cards, waits: false }
  }
}

/** The dealer: every card as it comes up, until one can’t go; it stops where a wild’s place is to be chosen. */
export function deal(rules: FillRules, before: FillState, wish: Wish): Dealt | null {
  const { from, cards: wished } = wish as Wish & Partial<Pick<Turn, 'from' | 'cards'>>
  const by = wish.by ?? before.turn
  const layout = before.layouts[by - 1]
  if (wish.do !== 'turn' || !before.dealt || !layout) return null
  const state = from === 'discard' ? before : readyToDraw(before)
  const hidden = ofSeat(state.dealt!.hidden, by)
  const first = from === 'discard' ? state.discards.at(-1) : state.dealt!.order[0]
  if (first === undefined) return null
  const { cards, waits } = chain(
    rules,
    layout,
    (slot) => (slot === null ? first : hidden[slot - 1]),
    (open, at) => {
      const given = wished?.[at]
      return typeof given === 'object' && open.includes(given.slot) ? given.slot : null
    },
  )
  return {
    brings: { cards },
    shown: { kind: 'card', values: cards.map(faceOf) },
    ...(waits ? { unfinished: true as const } : {}),
  }
}

/** The shortest turns: a card that can’t go, or one that goes and then one that can’t; the discard where it fits. */
export function* plays(rules: FillRules, before: FillState, seat: number): Generator<Turn> {
  if (seat !== before.turn) return
  const state = readyToDraw(before)
  const layout = ofSeat(state.layouts, seat)
  const stays = (now: readonly (Face | null)[], lying: readonly Face[]) =>
    [...new Set(restOfDeck(deckFor(rules), lying))].filter((face) => face !== rules.wild && slotFor(now, face) === null)
  if (state.stock > 0)
    for (const face of stays(layout, lyingIn(state))) yield { do: 'turn', by: seat, from: 'stock', cards: [face] }
  const top = before.discards.at(-1)
  const slot = top === undefined ? null : slotFor(layout, top)
  if (top === undefined || slot === null) return
  const after = layout.map((card, i) => (i === slot - 1 ? top : card))
  if (!after.includes(null)) yield { do: 'turn', by: seat, from: 'discard', cards: [top] }
  else
    for (const face of stays(after, lyingIn(before)).slice(0, 2))
      yield { do: 'turn', by: seat, from: 'discard', cards: [top, face] }
}

/** Takes the discard where it fits, else draws; a wild goes to the first open place. */
export function bot(rules: FillRules, before: FillState, seat: number, random: Random): Turn {
  const layout = ofSeat(before.layouts, seat)
  const top = before.discards.at(-1)
  const from = top !== undefined && slotFor(layout, top) !== null ? ('discard' as const) : ('stock' as const)
  const state = from === 'stock' ? readyToDraw(before) : before
  const hidden = state.dealt?.hidden[seat - 1]
  // Where the app deals, what comes is known.
  const unseen = hidden ? [] : random.shuffled(restOfDeck(deckFor(rules), lyingIn(state)))
  const first = from === 'discard' ? top : state.dealt ? state.dealt.order[0] : unseen.pop()
  const { cards } = chain(
    rules,
    layout,
    (slot) => (slot === null ? first : hidden ? hidden[slot - 1] : unseen.pop()),
    (open) => open[0] ?? null,
  )
  return { do: 'turn', by: seat, from, cards }
}
