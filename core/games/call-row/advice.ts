import { itemAt } from '#core/basics/lists'
import type { RowRules, RowState } from '#core/games/call-row/rules'
import { signed, spoken, type PlusMinus } from '#core/kit/signing'
import { countsOf } from '#core/kit/pack'

/** A call that the row holds: its cards and their signs, what is added first. */
interface OpenCall {
  readonly terms: readonly { readonly sign: PlusMinus; readonly value: number }[]
}
type Given = Pick<RowRules, 'target' | 'signs' | 'maxCards'>

/** The ways in which the copies of one card can be called: some added, some taken away. Zeros are only added. */
function waysOf(card: number, copies: number, minus: boolean) {
  const ways: { readonly plus: number; readonly less: number }[] = []
  for (let plus = 0; plus <= copies; plus++)
    for (let less = 0; less <= (minus && card > 0 ? copies - plus : 0); less++) ways.push({ plus, less })
  return ways
}

/**
 * How many calls the row holds that differ in cards or signs. Counted by sums, card by card: what may be reached with the
 * cards looked at so far, in how many ways; no call is ever tried. Cards called at most: `maxCards`.
 */
export function countCalls({ target, signs, maxCards }: Given, row: readonly number[]): number {
  const counts = [...countsOf(row)]
  const sum = row.reduce((a, b) => a + b, 0)
  const most = maxCards === null || maxCards >= row.length ? null : maxCards
  const width = 2 * sum + 1
  if (target > sum) return 0
  const used = most ?? 0
  let ways = Array.from({ length: used + 1 }, () => new Float64Array(width))
  itemAt(ways, 0)[sum] = 1
  for (const [card, copies] of counts) {
    const next = Array.from({ length: used + 1 }, () => new Float64Array(width))
    for (const { plus, less } of waysOf(card, copies, signs === 'add-subtract')) {
      const by = (plus - less) * card
      for (let k = 0; k <= used; k++) {
        const to = most === null ? k : k + plus + less
        if (to > used) continue
        const from = itemAt(ways, k)
        const into = itemAt(next, to)
        for (let at = Math.max(0, -by); at < Math.min(width, width - by); at++)
          if (from[at]) into[at + by]! += itemAt(from, at)
      }
    }
    ways = next
  }
  const all = ways.reduce((found, each) => found + itemAt(each, sum + target), 0)
  // Calling nothing is no call.
  return target === 0 ? all - 1 : all
}

/** Whether the row holds any call: sums that can be made are marked card by card. */
export function hasCall(given: Given, row: readonly number[]): boolean {
  const { target, signs, maxCards } = given
  // Calling nothing makes nothing; how many cards make a sum is told by counting.
  if (target === 0 || (maxCards !== null && maxCards < row.length)) return countCalls(given, row) > 0
  const most = row.reduce((a, b) => a + b, 0)
  if (target > most) return false
  let made = new Uint8Array(2 * most + 1)
  made[most] = 1
  for (const card of row) {
    const next = made.slice()
    for (let at = 0; at < made.length; at++) {
      if (!made[at]) continue
      if (at + card < next.length) next[at + card] = 1
      if (signs === 'add-subtract' && at >= card) next[at - card] = 1
    }
    if (next[most + target]) return true
    made = next
  }
  return false
}

/** Calls are listed up to so many cards: longer ones nobody would see. */
const LONGEST = 6

/** The shortest calls that the row holds, at most `most` of them, each told once. */
export function shortestCalls(
  { target, signs, maxCards }: Given,
  { row }: Pick<RowState, 'row'>,
  most = 40,
): OpenCall[] {
  const counts = [...countsOf(row)].sort(([a], [b]) => b - a)
  const found: OpenCall[] = []
  const longest = Math.min(LONGEST, maxCards ?? LONGEST, row.length)
  // reach[i][k]: the sums that k of the cards from the i-th on can make, so that no dead end is entered. Only as far as is
  // asked for: mostly two or three cards make a call.
  const minus = signs === 'add-subtract'
  const ways = counts.map(([card, copies]) => waysOf(card, Math.min(copies, longest), minus))
  const reach = Array.from({ length: counts.length + 1 }, (): Set<number>[] => [])
  const reachWith = (k: number) => {
    itemAt(reach, counts.length)[k] = new Set(k === 0 ? [0] : [])
    for (let i = counts.length - 1; i >= 0; i--) {
      const [card] = itemAt(counts, i)
      const sums = new Set<number>()
      for (const { plus, less } of itemAt(ways, i))
        if (plus + less <= k)
          for (const sum of itemAt(itemAt(reach, i + 1), k - plus - less)) sums.add(sum + (plus - less) * card)
      itemAt(reach, i)[k] = sums
    }
  }
  const follow = (i: number, k: number, sum: number, cards: readonly number[], chosen: readonly PlusMinus[]) => {
    if (found.length >= most || !reach[i]?.[k]?.has(sum)) return
    if (i === counts.length) return void found.push({ terms: spoken(cards, chosen) })
    const [card] = itemAt(counts, i)
    for (const { plus, less } of itemAt(ways, i)) {
      if (plus + less > k) continue
      const more = [...Array<PlusMinus>(plus).fill('+'), ...Array<PlusMinus>(less).fill('-')]
      follow(
        i + 1,
        k - plus - less,
        sum - (plus - less) * card,
        [...cards, ...more.map(() => card)],
        [...chosen, ...more],
      )
    }
  }
  reachWith(0)
  for (let k = 1; k <= longest && found.length < most; k++) {
    reachWith(k)
    follow(0, k, target, [], [])
  }
  return found
}

/** Whether a listed call makes the target: what a test asks. */
export const comesTo = ({ terms }: OpenCall) =>
  signed(
    terms.map(({ value }) => value),
    terms.map(({ sign }) => sign),
  )
