import { deckFor, type Face } from '#core/games/fill-in-order/cards'
import { lyingIn, openSlots, slotFor, type FillRules, type FillState } from '#core/games/fill-in-order/rules'
import { countsOf, restOfDeck } from '#core/kit/pack'
import { ofSeat, seatsFrom } from '#core/kit/seats'

/** Which cards would fit a seat now, and the exact chance that a card nobody has seen does. */
export function outlook(
  rules: FillRules,
  state: FillState,
  seat: number,
): { readonly fit: readonly Face[]; readonly chance: number } {
  const layout = ofSeat(state.layouts, seat)
  const slots = openSlots(layout)
  const fits = (face: Face) =>
    rules.wild !== 'none' && face === rules.wild ? slots.length > 0 : slotFor(layout, face) !== null
  // What lies hidden and what is in the stock has been seen by nobody: the next card is any of them.
  const unseen = restOfDeck(deckFor(rules), lyingIn(state))
  let count = 0
  for (const [face, copies] of countsOf(unseen)) if (fits(face)) count += copies
  return { fit: deckFor(rules).faces.filter(fits), chance: unseen.length ? count / unseen.length : 0 }
}

/** The seats that could use the discard that lies open, the next one first. */
export function helpedBy(state: FillState): number[] {
  const top = state.discards.at(-1)
  if (top === undefined) return []
  return seatsFrom(state.turn, state.seats).filter((seat) => slotFor(ofSeat(state.layouts, seat), top) !== null)
}
