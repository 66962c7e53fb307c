import { itemAt } from '#core/basics/lists'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** A source of chance. Every call moves it on. */
export interface Random {
  /** A whole number from `low` to `high`, both included, each as likely. */
  whole(low: number, high: number): number
  /** One of the items, each as likely; there is one at least. */
  oneOf<T>(items: readonly T[]): T
  /** The items in a new, random order. */
  shuffled<T>(items: readonly T[]): T[]
}

/**
 * The chance that belongs to a key. The same key gives the same numbers on every machine: the dealer uses
 * the match's seed and the number of plays that stand, so that a replay deals the same again.
 */
export function randomFor(...key: readonly (string | number)[]): Random {
  const generator = generatorFor(key)
  const whole = (low: number, high: number) => uniformInt(generator, low, high)
  return {
    whole,
    oneOf: (items) => itemAt(items, whole(0, items.length - 1)),
    shuffled(items) {
      const list = [...items]
      for (let i = list.length - 1; i > 0; i--) {
        const j = whole(0, i)
        ;[list[i], list[j]] = [itemAt(list, j), itemAt(list, i)]
      }
      return list
    },
  }
}

/**
 * What begins a seed whose keys are mixed. Under seeds without it the first numbers of neighbouring keys (one play and the
 * next) hang together: level rolls come up half as often again as they should. Matches that were dealt so are still dealt
 * so, else their replay would deal something else; every new seed begins with this.
 */
const MIXED = '2~'

/** A seed made from any text, under which the chance of every play is its own. */
export const mixedSeed = (text: string): string => MIXED + text

/** Numbers of a mixed generator that are let go by: its first ones still show how it was begun. */
const WARM_UP = 12

function generatorFor(key: readonly (string | number)[]) {
  const text = key.join('\u0000')
  if (!text.startsWith(MIXED)) return xoroshiro128plus(hash(text))
  const generator = xoroshiro128plus(mix(hash(text)))
  for (let n = 0; n < WARM_UP; n++) generator.next()
  return generator
}

/** Every bit of the result hangs on every bit given (the end of MurmurHash3, 32 bits). */
function mix(h: number): number {
  const once = Math.imul(h ^ (h >>> 16), 0x85ebca6b)
  const twice = Math.imul(once ^ (once >>> 13), 0xc2b2ae35)
  return twice ^ (twice >>> 16)
}

/** FNV-1a, 32 bits: spreads a text key over the generator's seeds. */
function hash(text: string): number {
  let h = 0x811c9dc5
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193)
  return h | 0
}
