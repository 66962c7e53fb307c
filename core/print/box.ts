import type { CardCount } from '#core/contract/sheet'

/** What a pack of cards comes to, taken out of ordinary packs: four of each of 1 (the ace) to 10, jack, queen and king. */
interface FromBox {
  /** Ordinary packs that are needed; 0 where none of its cards are. */
  readonly packs: number
  /** To be kept, in the order of the pack; a colour is told by its suits. */
  readonly keep: readonly CardCount[]
  /** To be taken out of those packs. */
  readonly out: readonly CardCount[]
  /** Cards that no ordinary pack has: zeros, wilds, numbers above ten. To be cut out, or jokers marked. */
  readonly own: readonly CardCount[]
}

const LETTERS = ['J', 'Q', 'K'] as const
const ORDINARY: readonly (number | string)[] = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, ...LETTERS]
const [SUITS, OF_A_COLOUR] = [4, 2]
const COLOURED = /^(warm|cool) (\d+)$/

/** Which ordinary card stands for this one, and how many of a pack do; null where none does. */
function ordinary(face: number | string): { readonly face: number | string; readonly each: number } | null {
  if (ORDINARY.includes(face)) return { face, each: SUITS }
  const coloured = COLOURED.exec(String(face))
  const number = coloured && Number(coloured[2])
  return number && number >= 1 && number <= 10 ? { face: number, each: OF_A_COLOUR } : null
}

/** How a pack is put together from what is in the box. */
export function fromBox(cards: readonly CardCount[]): FromBox {
  const wanted = cards.filter(({ count }) => count > 0)
  const keep = wanted.filter(({ face }) => ordinary(face))
  const packs = keep.reduce((most, { face, count }) => Math.max(most, Math.ceil(count / ordinary(face)!.each)), 0)
  const out = ORDINARY.map((face) => {
    const kept = keep.reduce((sum, card) => (ordinary(card.face)!.face === face ? sum + card.count : sum), 0)
    return { face, count: packs * SUITS - kept }
  })
  return { packs, keep, out: out.filter(({ count }) => count > 0), own: wanted.filter(({ face }) => !ordinary(face)) }
}
