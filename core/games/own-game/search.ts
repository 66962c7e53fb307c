import { itemAt } from '#core/basics/lists'
import type { OwnRules } from '#core/games/own-game/houseRules'

/** Every number sentence that numbers make, each once up to the order of what is added or multiplied and needless brackets. */

/** What a search found: the nearest value to the target that can be made, and the sentences that make it. */
interface Found {
  readonly value: number
  /** In the order found; at most as many as were asked for. */
  readonly sentences: readonly string[]
  /** There are more than these. */
  readonly more: boolean
}

/** A number, or a sum or product of several that is a whole number. */
interface Part {
  readonly kind: 'number' | 'sum' | 'product'
  readonly value: number
  /** Null for a number. */
  readonly chain: Chain | null
}

/**
 * Parts added and taken (`over` is false for added), or multiplied and divided by. A sum's value is `value`; a product's is
 * `value / below`, which may be no whole number on the way.
 */
interface Chain {
  readonly value: number
  readonly below: number
  readonly part: Part
  readonly over: boolean
  readonly rest: Chain | null
  /** Whether any part is added, or multiplied. */
  readonly begins: boolean
}

interface Made {
  readonly sums: Chain[]
  readonly products: Chain[]
  /** Single numbers and products, which a sum is made of; and single numbers and sums, which a product is made of. */
  readonly terms: Part[]
  readonly factors: Part[]
}

/** All the ways to put together the numbers of one choice of them (`mask`) out of what smaller choices make. */
class Maker {
  private readonly made: Made[] = []
  constructor(
    private readonly numbers: readonly number[],
    private readonly signs: ReadonlySet<string>,
  ) {}

  /** The sums or products of a choice, begun with the part that holds its last number, so that each comes once. */
  *chains(mask: number, kind: 'sum' | 'product', done?: () => void): Generator<Chain> {
    const last = 1 << Math.floor(Math.log2(mask))
    const others = mask ^ last
    const sum = kind === 'sum'
    const [joins, parts] = sum
      ? [this.signs.has('subtract'), 'terms' as const]
      : [this.signs.has('divide'), 'factors' as const]
    // Every choice with the last number in it, but not all.
    for (let left = others; left > 0; left = (left - 1) & others) {
      done?.()
      const rests = sum ? this.of(left).sums : this.of(left).products
      for (const part of this.of(mask ^ left)[parts])
        for (const rest of rests) {
          yield linked(sum, part, false, rest)
          if (joins && (sum || part.value !== 0)) yield linked(sum, part, true, rest)
        }
    }
  }

  of(mask: number): Made {
    return (this.made[mask] ??= this.make(mask))
  }

  private make(mask: number): Made {
    const at = Math.log2(mask)
    const number: Part | null = Number.isInteger(at)
      ? { kind: 'number', value: itemAt(this.numbers, at), chain: null }
      : null
    const sums = [...(number ? [] : this.chains(mask, 'sum'))]
    const products = [...(number ? [] : this.chains(mask, 'product'))]
    const own = number ? [number] : []
    const terms = [...own, ...products.filter(isWhole).map((chain) => partOf('product', chain))]
    const factors = [...own, ...sums.filter(({ begins }) => begins).map((chain) => partOf('sum', chain))]
    for (const part of terms) this.begin(sums, true, part)
    for (const part of factors) this.begin(products, false, part)
    return { sums, products, terms, factors }
  }

  /** A part alone begins a sum or a product, also where it is taken away or divided by. */
  private begin(chains: Chain[], sum: boolean, part: Part) {
    chains.push(linked(sum, part, false, null))
    if (this.signs.has(sum ? 'subtract' : 'divide') && (sum || part.value !== 0))
      chains.push(linked(sum, part, true, null))
  }
}

function linked(sum: boolean, part: Part, over: boolean, rest: Chain | null): Chain {
  const begins = !over || rest?.begins === true
  const [value, below] = rest ? [rest.value, rest.below] : [sum ? 0 : 1, 1]
  if (sum) return { part, over, rest, begins, value: over ? value - part.value : value + part.value, below: 1 }
  return {
    part,
    over,
    rest,
    begins,
    value: over ? value : value * part.value,
    below: over ? below * part.value : below,
  }
}
/** Whether a product comes to a whole number, and begins with something to be multiplied. */
const isWhole = ({ begins, value, below }: Chain) => begins && value % below === 0
// No −0: it is 0.
const partOf = (kind: 'sum' | 'product', chain: Chain): Part => ({ kind, value: chain.value / chain.below + 0, chain })

/**
 * The sentences that make the target or, where none does, come nearest to it; of two as near the smaller value. `most` of
 * them at most. Six numbers and four signs are some million sentences; `tell` gets the part that is done.
 */
export function sentencesFor(
  { signs, useAll }: Pick<OwnRules, 'signs' | 'useAll'>,
  numbers: readonly number[],
  target: number,
  most: number,
  tell?: (part: number) => void,
): Found | null {
  const all = (1 << numbers.length) - 1
  const maker = new Maker(numbers, new Set(signs))
  const best = makeBest(target, most)
  // All numbers together take the longest by far: they stand for the whole.
  const steps = 2 ** numbers.length - 2
  let step = 0
  const done = tell && (() => tell(step++ / steps))
  for (const mask of useAll ? [all] : Array.from({ length: all }, (_, i) => i + 1)) {
    const at = Math.log2(mask)
    if (Number.isInteger(at)) {
      const value = itemAt(numbers, at)
      best.look(value, () => String(value))
      continue
    }
    for (const chain of maker.chains(mask, 'sum', mask === all ? done : undefined))
      if (chain.begins) best.look(chain.value, () => written('sum', chain, signs))
    for (const chain of maker.chains(mask, 'product', mask === all ? done : undefined))
      if (isWhole(chain)) best.look(chain.value / chain.below + 0, () => written('product', chain, signs))
  }
  return best.found()
}

/** Keeps the sentences of the value that is nearest so far. */
function makeBest(target: number, most: number) {
  let [value, off, more] = [0, Infinity, false]
  let sentences = new Set<string>()
  function look(now: number, write: () => string | null) {
    const far = Math.abs(now - target)
    if (far > off || (far === off && now > value)) return
    const better = far < off || now < value
    if (!better && sentences.size >= most) return void (more ||= !sentences.has(write() ?? ''))
    const text = write()
    if (text === null) return
    if (better) [value, off, more, sentences] = [now, far, false, new Set()]
    sentences.add(text)
  }
  return { look, found: (): Found | null => (sentences.size ? { value, sentences: [...sentences], more } : null) }
}

/** A sum or product as it is written; null where the signs agreed can't write it. */
function written(kind: 'sum' | 'product', chain: Chain, signs: readonly string[]): string | null {
  const [up, down]: [Text[], Text[]] = [[], []]
  for (let at: Chain | null = chain; at; at = at.rest) {
    const { part, over } = at
    const text = part.chain ? written(part.kind as 'sum' | 'product', part.chain, signs) : String(part.value)
    if (text === null) return null
    ;(over ? down : up).push({
      text: kind === 'product' && part.kind === 'sum' ? `(${text})` : text,
      value: part.value,
    })
  }
  for (const texts of [up, down]) texts.sort((a, b) => b.text.length - a.text.length || (a.text < b.text ? 1 : -1))
  const [plus, minus, plain] = kind === 'sum' ? ['+', '-', 'add'] : ['*', '/', 'times']
  const joined = (texts: readonly Text[], sign: string) => texts.map(({ text }) => text).join(sign)
  if (up.length === 1 || signs.includes(plain))
    return joined([{ ...itemAt(up, 0), text: joined(up, plus) }, ...down], minus)
  // Without adding, a − (b − c) adds c; without times a ÷ (b ÷ c) multiplies, where b can be divided by it.
  if (kind === 'product') return divided(up, down)?.text ?? null
  const [[first, ...more], [taken, ...others]] = [up, down]
  return first && taken
    ? joined([first, { ...taken, text: `(${joined([taken, ...more], minus)})` }, ...others], minus)
    : null
}

interface Text {
  readonly text: string
  readonly value: number
}

/**
 * Divisions alone, each without a rest, that come to the product of `up` divided by that of `down`: some numbers divided by
 * what the others come to, and so on; null where there are none.
 */
function divided(up: readonly Text[], down: readonly Text[]): Text | null {
  if (down.length === 0) return up.length === 1 ? itemAt(up, 0) : null
  const all = [...up.map((part) => ({ part, over: false })), ...down.map((part) => ({ part, over: true }))]
  for (let mask = 1; mask < (1 << all.length) - 1; mask++) {
    const of = (left: boolean, over: boolean) =>
      all.filter((each, i) => ((mask >> i) & 1) === (left ? 1 : 0) && each.over === over).map(({ part }) => part)
    // What is divided by stands the other way up.
    const [[upLeft, downLeft], [upRight, downRight]] = [
      [of(true, false), of(true, true)],
      [of(false, true), of(false, false)],
    ]
    if (!upLeft.length || !upRight.length) continue
    const right = divided(upRight, downRight)
    const left = right && right.value !== 0 ? divided(upLeft, downLeft) : null
    if (!left || !right || left.value % right.value !== 0) continue
    const by = upRight.length + downRight.length > 1 ? `(${right.text})` : right.text
    return { text: `${left.text}/${by}`, value: left.value / right.value + 0 }
  }
  return null
}
