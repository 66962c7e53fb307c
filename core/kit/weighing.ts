import { tenth } from '#core/basics/words'
import type { Codes } from '#core/contract/codes'
import type { GameVerdict } from '#core/contract/verdict'

/** What the weighings of games are built of: counts and chances, and how they are told. */

/** The state after a play that was judged; the same where it does not stand. */
export const nextOf = <S, C extends Codes>(verdict: GameVerdict<S, C>, state: S): S =>
  verdict.stands ? verdict.next : state

/** Ways to choose `k` of `n`; 0 where there are not so many. */
function choose(n: number, k: number): number {
  if (k < 0 || k > n) return 0
  let ways = 1
  for (let i = 1; i <= k; i++) ways = (ways * (n - k + i)) / i
  return ways
}

/** The chance that among `drawn` of `all` cards, each as likely, there is at least one of `wanted`. Exact, 0 to 1. */
export function chanceOfAny(wanted: number, drawn: number, all: number): number {
  return all === 0 ? 0 : 1 - choose(all - wanted, drawn) / choose(all, drawn)
}

/** The part of `all` for which something holds, and how that is told: "7 of 36". */
export function partOf<T>(all: readonly T[], holds: (each: T) => boolean): { worth: number; tells: string } {
  const found = all.filter(holds).length
  return { worth: found / all.length, tells: `${found} of ${all.length}` }
}

/** A chance as a table says it: "about 47 in 100". */
export function inHundred(chance: number): string {
  if (chance === 0) return 'never'
  if (chance === 1) return 'for sure'
  const rounded = Math.round(chance * 100)
  if (rounded === 0) return 'less than 1 in 100'
  return rounded === 100 ? 'more than 99 in 100' : `about ${rounded} in 100`
}

/** What a change comes to on average: "gains 2.5 on average". */
export function onAverage(change: number): string {
  if (change === 0) return 'nothing changes'
  return `${change < 0 ? 'loses' : 'gains'} ${tenth(Math.abs(change))} on average`
}
