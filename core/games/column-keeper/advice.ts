import { itemAt } from '#core/basics/lists'
import {
  cardsEach,
  COLUMNS,
  lyingIn,
  rank,
  type KeeperRules,
  type KeeperState,
  type Sheet,
  type Where,
} from '#core/games/column-keeper/rules'
import { restOf } from '#core/kit/pack'

/**
 * The best number that these cards could have made under the aim: every way of filling the columns and throwing
 * the rest away, by dynamic programming over the cards (what is in each column so far, and the sums that can be).
 * `cards` are as many as one player draws; fewer or more give null.
 */
export function bestNumber(rules: KeeperRules, cards: readonly number[]): number | null {
  if (cards.length !== cardsEach(rules)) return null
  const base = rules.perColumn + 1
  /** Counts per column as one number in base perColumn + 1, each with the sums that can be reached. */
  let reached = new Map<number, Set<number>>([[0, new Set([0])]])
  cards.forEach((card, drawn) => {
    const next = new Map<number, Set<number>>()
    const add = (counts: number, sums: Iterable<number>, worth: number) => {
      let set = next.get(counts)
      if (!set) next.set(counts, (set = new Set()))
      for (const sum of sums) set.add(sum + worth)
    }
    for (const [counts, sums] of reached) {
      let placed = 0
      for (let i = 0; i < rules.columns; i++) {
        const inColumn = Math.floor(counts / base ** i) % base
        placed += inColumn
        if (inColumn < rules.perColumn) add(counts + base ** i, sums, card * 10 ** i)
      }
      if (drawn - placed < rules.discards) add(counts, sums, 0)
    }
    reached = next
  })
  const full = [...(reached.get(base ** rules.columns - 1) ?? [])]
  return full.length ? full.reduce((best, number) => (rank(rules, number) < rank(rules, best) ? number : best)) : null
}

/** Where a card may still go on a sheet. */
export function openPlaces(rules: KeeperRules, sheet: Sheet): Where[] {
  const columns: Where[] = COLUMNS.slice(0, rules.columns).filter(
    (_, i) => itemAt(sheet.columns, i).length < rules.perColumn,
  )
  return sheet.aside.length < rules.discards ? [...columns, 'aside'] : columns
}

/** Which cards are still to come in this round, rising. */
export function cardsToCome(rules: KeeperRules, state: KeeperState): number[] {
  return restOf(rules.pack, lyingIn(state))
}
