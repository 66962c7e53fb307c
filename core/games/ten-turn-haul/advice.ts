import { itemAt } from '#core/basics/lists'
import type { HaulRules, HaulState } from '#core/games/ten-turn-haul/rules'

/** How a seat may end: the exact chances of being best alone, and best together with others. */
interface Prospect {
  readonly alone: number
  readonly level: number
}

/** The chance of every sum of `spins` spins; the index is the sum. Exact, by convolution, whatever the faces. */
export function sumsOf(faces: readonly number[], spins: number): readonly number[] {
  const most = Math.max(...faces)
  let chances = [1]
  for (let spin = 0; spin < spins; spin++) {
    const next = Array.from({ length: chances.length + most }, () => 0)
    chances.forEach((chance, sum) => {
      if (chance > 0) for (const face of faces) next[sum + face]! += chance / faces.length
    })
    chances = next
  }
  return chances
}

/** Spins that each seat still has in the turns agreed. */
export function spinsLeft(rules: Pick<HaulRules, 'turns'>, { spins, round }: HaulState): readonly number[] {
  // In an extra turn everybody completes the turn in progress.
  const turns = Math.max(rules.turns, round)
  return spins.map((spun) => Math.max(0, turns - spun.length))
}

/** How each seat's chances to win stand after the turns agreed, extra turns left out. */
export function prospects(rules: HaulRules, state: HaulState): readonly Prospect[] {
  const left = spinsLeft(rules, state)
  const sign = rules.better === 'higher' ? 1 : -1
  const ends = state.totals.map((total, i) => {
    const sums = sumsOf(rules.faces, itemAt(left, i))
    return { at: (value: number) => sums[value - total] ?? 0, low: total, high: total + sums.length - 1 }
  })
  // For each seat the chance of ending worse than a value, and at it.
  const worse = ends.map(({ at, low, high }) => {
    const upTo = new Map<number, number>()
    let sum = 0
    for (let n = 0; n <= high - low; n++) {
      const value = sign > 0 ? low + n : high - n
      upTo.set(value, sum)
      sum += at(value)
    }
    return (value: number) => upTo.get(value) ?? (sign * (value - (sign > 0 ? low : high)) < 0 ? 0 : 1)
  })
  return ends.map(({ at, low, high }, me) => {
    let [alone, best] = [0, 0]
    for (let value = low; value <= high; value++) {
      const here = at(value)
      if (here === 0) continue
      let [allWorse, noneBetter] = [here, here]
      ends.forEach((other, i) => {
        if (i === me) return
        allWorse *= itemAt(worse, i)(value)
        noneBetter *= itemAt(worse, i)(value) + other.at(value)
      })
      alone += allWorse
      best += noneBetter
    }
    return { alone, level: Math.max(0, best - alone) }
  })
}
