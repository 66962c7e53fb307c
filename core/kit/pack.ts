import * as z from 'zod'
import type { Card } from '#core/contract/card'
import type { Facts } from '#core/contract/codes'
import { problem, type CommonProblem } from '#core/contract/problem'
import { refuse, refuseBelief } from '#core/contract/verdict'

/** A pack of number cards: every whole number from low to high, copies times. */
export interface Pack {
  readonly low: number
  readonly high: number
  readonly copies: number
}

/** Cards of a pack at most: what a table shuffles, and what can be searched through. */
const MOST_CARDS = 200

/** The house rule `pack`. `highest` bounds the cards where a game can't use larger ones. */
export function packRule(usual: Pack, hint: string, highest = 100) {
  return z
    .strictObject({
      low: z.int().min(0).max(highest),
      high: z.int().min(0).max(highest),
      copies: z.int().min(1).max(20),
    })
    .refine(({ low, high }) => low <= high, { path: ['high'] })
    .refine((pack) => packSize(pack) <= MOST_CARDS, { path: ['copies'] })
    .default(usual)
    .meta({ label: 'Pack', hint })
}

export function packSize({ low, high, copies }: Pack): number {
  return (high - low + 1) * copies
}

export function inPack({ low, high }: Pack, card: number): boolean {
  return card >= low && card <= high
}

/** Every different card of the pack, rising. */
export function facesOf({ low, high }: Pack): number[] {
  return Array.from({ length: high - low + 1 }, (_, i) => low + i)
}

const CARDS = new WeakMap<Pack, readonly number[]>()

/** Every card of the pack, rising. */
export function cardsOf(pack: Pack): number[] {
  const known = CARDS.get(pack)
  if (known) return known.slice()
  const cards: number[] = []
  for (let card = pack.low; card <= pack.high; card++) for (let n = 0; n < pack.copies; n++) cards.push(card)
  CARDS.set(pack, cards)
  return cards.slice()
}

/** Any pack of cards: which there are, and how many of each. */
export interface Deck<C extends Card> {
  /** Every different card, in the order in which they are shown. */
  readonly faces: readonly C[]
  /** How often a card is in the pack; 0 for one that is not. */
  copiesOf(card: C): number
}

const DECKS = new WeakMap<Pack, Deck<number>>()

/** A pack of number cards as a deck. */
export function deckOf(pack: Pack): Deck<number> {
  const known = DECKS.get(pack)
  if (known) return known
  const deck: Deck<number> = {
    faces: facesOf(pack),
    copiesOf: (card) => (inPack(pack, card) && Number.isInteger(card) ? pack.copies : 0),
  }
  DECKS.set(pack, deck)
  return deck
}

/** How many cards a deck holds. */
export function deckSize<C extends Card>({ faces, copiesOf }: Deck<C>): number {
  let size = 0
  for (const card of faces) size += copiesOf(card)
  return size
}

export function countOf<C extends Card>(cards: readonly C[], card: C): number {
  let count = 0
  for (const other of cards) if (other === card) count++
  return count
}

/** How often each card occurs. */
export function countsOf<C extends Card>(cards: readonly C[]): Map<C, number> {
  const counts = new Map<C, number>()
  for (const card of cards) counts.set(card, (counts.get(card) ?? 0) + 1)
  return counts
}

/** `cards` without the first of each of those in `gone`. */
export function withoutAll<C extends Card>(cards: readonly C[], gone: readonly C[]): C[] {
  const left = countsOf(gone)
  return cards.filter((card) => {
    const many = left.get(card) ?? 0
    if (many > 0) left.set(card, many - 1)
    return many === 0
  })
}

/** `cards` without the first of this value; the same list where there is none. */
export function without<C extends Card>(cards: readonly C[], card: C): readonly C[] {
  const at = cards.indexOf(card)
  return at < 0 ? cards : [...cards.slice(0, at), ...cards.slice(at + 1)]
}

/**
 * Step 6 of judging for cards that a play shows: `no-such-card`, then `too-many-copies` where those that lie already
 * (`lying`) and these are more than the pack holds. Null where nothing is wrong; `overrule` lets a card too many pass.
 */
export function refuseCards(pack: Pack, lying: readonly number[], shown: readonly number[], overrule: boolean) {
  const { low, high } = pack
  return refuseShown(deckOf(pack), lying, shown, overrule, { low, high })
}

/** The same for any deck; `facts` are added to those of `no-such-card`. */
export function refuseShown<C extends Card>(
  deck: Deck<C>,
  lying: readonly C[],
  shown: readonly C[],
  overrule: boolean,
  facts: Facts = {},
) {
  for (const card of shown) if (deck.copiesOf(card) === 0) return refuse('no-such-card', { card, ...facts })
  if (overrule) return null
  for (const card of shown) {
    const copies = deck.copiesOf(card)
    if (countOf(lying, card) + countOf(shown, card) > copies) return refuseBelief('too-many-copies', { card, copies })
  }
  return null
}

/** The problem that more cards would be dealt than the pack holds; none where it holds enough. `rule` is where it is said. */
export function packProblems(dealt: number, cards: number, rule = 'pack'): readonly CommonProblem[] {
  return dealt > cards ? [problem(`houseRules.${rule}`, 'pack-too-small', { dealt, cards })] : []
}

/** What is left of a deck when `gone` has been taken out of it, in the order of its faces. */
export function restOfDeck<C extends Card>(deck: Deck<C>, gone: readonly C[]): C[] {
  const taken = countsOf(gone)
  const rest: C[] = []
  for (const card of deck.faces) for (let n = deck.copiesOf(card) - (taken.get(card) ?? 0); n > 0; n--) rest.push(card)
  return rest
}

/** What is left of the pack when `gone` has been taken out of it, rising. */
export function restOf(pack: Pack, gone: readonly number[]): number[] {
  return restOfDeck(deckOf(pack), gone)
}
