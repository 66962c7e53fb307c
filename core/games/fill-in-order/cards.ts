import type { Deck } from '#core/kit/pack'

/** The cards of Fill in Order: numbers, pictures, and wilds as they are put. */
export const LETTERS = ['J', 'Q', 'K'] as const
export type Face = number | (typeof LETTERS)[number]
/** A wild as it was put: which, and into which place. */
export interface Wild {
  readonly wild: 'K' | 'J'
  readonly slot: number
}
export type Played = Face | Wild

export const faceOf = (card: Played): Face => (typeof card === 'object' ? card.wild : card)

const DECKS = new Map<string, Deck<Face>>()
/** One pack or two. */
export function deckFor({ packs, pictures }: { readonly packs: number; readonly pictures: boolean }): Deck<Face> {
  const kind = `${packs} ${pictures}`
  const known = DECKS.get(kind)
  if (known) return known
  const faces: Face[] = [...Array.from({ length: 10 }, (_, i) => i + 1), ...(pictures ? LETTERS : [])]
  const all = new Set<Face>(faces)
  const deck: Deck<Face> = { faces, copiesOf: (card) => (all.has(card) ? 4 * packs : 0) }
  DECKS.set(kind, deck)
  return deck
}
