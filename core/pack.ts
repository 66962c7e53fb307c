import * as z from 'zod'
import { problem, type Problem } from '#core/problem'
import { refuse } from '#core/verdict'

/** A pack of number cards: every whole number from low to high, copies times. */
export interface Pack {
  readonly low: number
  readonly high: number
  readonly copies: number
}

/** The house rule `pack`. `highest` bounds the cards where a game can't use larger ones. */
export function packRule(usual: Pack, hint: string, highest = 100) {
  return z
    .strictObject({ low: z.int().min(0).max(highest), high: z.int().min(0).max(highest), copies: z.int().min(1).max(20) })
    .refine(({ low, high }) => low <= high, { path: ['high'] })
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

/** Every card of the pack, rising. */
export function cardsOf(pack: Pack): number[] {
  return facesOf(pack).flatMap((card) => Array.from({ length: pack.copies }, () => card))
}

export function countOf(cards: readonly number[], card: number): number {
  let count = 0
  for (const other of cards) if (other === card) count++
  return count
}

/** `cards` without the first of this value; the same list where there is none. */
export function without(cards: readonly number[], card: number): readonly number[] {
  const at = cards.indexOf(card)
  return at < 0 ? cards : [...cards.slice(0, at), ...cards.slice(at + 1)]
}

/**
 * Step 6 of judging for cards that a play shows: `no-such-card`, then `too-many-copies` where those that lie already
 * (`lying`) and these are more than the pack holds. Null where nothing is wrong; `overrule` lets a card too many pass.
 */
export function refuseCards(pack: Pack, lying: readonly number[], shown: readonly number[], overrule: boolean) {
  for (const card of shown) if (!inPack(pack, card)) return refuse('no-such-card', { card, low: pack.low, high: pack.high })
  if (overrule) return null
  for (const card of shown)
    if (countOf(lying, card) + countOf(shown, card) > pack.copies) return refuse('too-many-copies', { card, copies: pack.copies })
  return null
}

/** The problem that more cards would be dealt than the pack holds; none where it holds enough. */
export function packProblems(dealt: number, cards: number): readonly Problem[] {
  return dealt > cards ? [problem('houseRules.pack', 'pack-too-small', { dealt, cards })] : []
}

/** What is left of the pack when `gone` has been taken out of it. */
export function restOf(pack: Pack, gone: readonly number[]): number[] {
  return facesOf(pack).flatMap((card) => Array.from({ length: Math.max(0, pack.copies - countOf(gone, card)) }, () => card))
}
