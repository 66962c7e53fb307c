import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** A source of chance. Every call moves it on. */
export interface Random {
  /** A whole number from `low` to `high`, both included, each as likely. */
  whole(low: number, high: number): number
  /** The items in a new, random order. */
  shuffled<T>(items: readonly T[]): T[]
}

/**
 * The chance that belongs to a key. The same key gives the same numbers on every machine: the dealer uses
 * the match's seed and the number of plays that stand, so that a replay deals the same again.
 */
export function randomFor(...key: readonly (string | number)[]): Random {
  const generator = xoroshiro128plus(hash(key.join('\u0000')))
  const whole = (low: number, high: number) => uniformInt(generator, low, high)
  return {
    whole,
    shuffled(items) {
      const list = [...items]
      for (let i = list.length - 1; i > 0; i--) {
        const j = whole(0, i)
        ;[list[i], list[j]] = [list[j]!, list[i]!]
      }
      return list
    },
  }
}

/** FNV-1a, 32 bits: spreads a text key over the generator's seeds. */
function hash(text: string): number {
  let h = 0x811c9dc5
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193)
  return h | 0
}
