import { itemAt } from '#core/basics/lists'
import { cardsOf, countsOf, facesOf, type Pack } from '#core/kit/pack'
import { findSigns, signed, spoken } from '#core/kit/signing'
import type { Equation } from '#core/contract/working'

/** What makes a match: so many cards that make the target. */
interface Goal {
  readonly target: number
  readonly perTurn: number
  readonly signs: 'add' | 'add-subtract'
}

/** The sentence by which cards make the target; null where they don't. */
export function matchOf({ target, perTurn, signs }: Goal, cards: readonly number[]): Equation | null {
  const found = cards.length === perTurn ? findSigns(cards, target, signs === 'add-subtract') : null
  return found && { kind: 'equation', terms: spoken(cards, found), equals: signed(cards, found) }
}

/** Whether cards make a target, added, or with signs where those are agreed. */
function makes(cards: readonly number[], target: number, minus: boolean): boolean {
  let sum = 0
  for (const card of cards) sum += card
  return sum === target || (minus && sum > target && findSigns(cards, target, minus) !== null)
}

/**
 * Some of `cards` that make a match, with those in `held` among them; null where none do. Of each card no more copies are
 * looked at than one match can use.
 */
export function holdsMatch(
  rules: Goal,
  cards: readonly number[],
  held: readonly number[] = [],
): readonly number[] | null {
  const minus = rules.signs === 'add-subtract'
  const counts = countsOf(cards)
  if (rules.perTurn === 2 && !minus && !held.length) return pairIn(counts, rules.target)
  const some = [...counts].flatMap(([card, count]) =>
    Array.from({ length: Math.min(count, rules.perTurn) }, () => card),
  )
  // Bots ask at every turn: nothing is copied, and nothing written down, until a match is found.
  const chosen = [...held]
  const pick = (from: number): boolean => {
    if (chosen.length === rules.perTurn) return makes(chosen, rules.target, minus)
    for (let i = from; i < some.length; i++) {
      if (i > from && some[i] === some[i - 1]) continue
      chosen.push(itemAt(some, i))
      if (pick(i + 1)) return true
      chosen.pop()
    }
    return false
  }
  return pick(0) ? chosen : null
}

/** The first card that has its partner among the others, with it: what nearly every game asks for at every turn. */
function pairIn(counts: ReadonlyMap<number, number>, target: number): readonly number[] | null {
  for (const [card, count] of counts) {
    const partner = target - card
    if (partner === card ? count > 1 : counts.has(partner)) return [card, partner]
  }
  return null
}

/** Cards of the pack that can be in no match: they only lie there, unless they are taken out first. */
export function withoutPartner(rules: Goal & { readonly pack: Pack }): number[] {
  const cards = cardsOf(rules.pack)
  return facesOf(rules.pack).filter((face) => {
    // A match that holds this card is one for what is left without it.
    const others = [...cards]
    others.splice(others.indexOf(face), 1)
    return holdsMatch(rules, others, [face]) === null
  })
}

/** Whether a match can be made of `seen` cards and up to `most` of the `hidden` ones. */
export function withHidden(rules: Goal, seen: readonly number[], hidden: readonly number[], most: number): boolean {
  const kinds = [...countsOf(hidden)].flatMap(([card, count]) =>
    Array.from({ length: Math.min(count, most) }, () => card),
  )
  const pick = (from: number, chosen: readonly number[]): boolean => {
    if (holdsMatch(rules, [...seen, ...chosen])) return true
    if (chosen.length === most) return false
    for (let i = from; i < kinds.length; i++)
      if (!(i > from && kinds[i] === kinds[i - 1]) && pick(i + 1, [...chosen, itemAt(kinds, i)])) return true
    return false
  }
  return pick(0, [])
}
