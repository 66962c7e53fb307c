import { refuse } from '#core/contract/verdict'
import type { OwnRules, SignName } from '#core/games/own-game/houseRules'

/** A number sentence as it was read: a number, or two parts with a sign between. */
export type Sentence =
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'sign'; readonly sign: Sign; readonly left: Sentence; readonly right: Sentence }
export type Sign = '+' | '-' | '*' | '/'

const SIGNS: Readonly<Record<string, Sign>> = {
  '+': '+',
  '-': '-',
  '−': '-',
  '*': '*',
  '×': '*',
  '·': '*',
  '/': '/',
  '÷': '/',
  ':': '/',
}
const NAMES: Readonly<Record<Sign, SignName>> = { '+': 'add', '-': 'subtract', '*': 'times', '/': 'divide' }
/** Brackets within brackets. */
const DEEPEST = 40

type ReadSentence =
  | { readonly ok: true; readonly sentence: Sentence }
  /** Where it stopped reading, from 0. */
  | { readonly ok: false; readonly at: number }

/** Where the reading of a text has come to. */
class Reading {
  at = 0
  constructor(readonly text: string) {}

  /** The next character that is no plain space; empty at the end. */
  peek(): string {
    while (this.text[this.at] === ' ') this.at++
    return this.text[this.at] ?? ''
  }
  /** The next sign, where it is one of these. */
  sign(of: string): Sign | null {
    const found = SIGNS[this.peek()]
    if (!found || !of.includes(found)) return null
    this.at++
    return found
  }
}

/** Reads a number sentence: whole numbers, signs, round brackets, plain spaces; the usual precedence, from left to right. */
export function readSentence(text: string): ReadSentence {
  const reading = new Reading(text)
  const sentence = chain(reading, '+-', 0)
  return sentence && reading.peek() === '' ? { ok: true, sentence } : { ok: false, at: reading.at }
}

/** Parts with signs of one precedence between, from left to right; null where it can't be read. */
function chain(reading: Reading, signs: '+-' | '*/', depth: number): Sentence | null {
  const part = () => (signs === '+-' ? chain(reading, '*/', depth) : single(reading, depth))
  let left = part()
  while (left) {
    const sign = reading.sign(signs)
    if (!sign) return left
    const right = part()
    left = right && { kind: 'sign', sign, left, right }
  }
  return null
}

/** A number, or what stands in brackets. */
function single(reading: Reading, depth: number): Sentence | null {
  const next = reading.peek()
  if (next === '(' && depth < DEEPEST) {
    reading.at++
    const inside = chain(reading, '+-', depth + 1)
    if (!inside || reading.peek() !== ')') return null
    reading.at++
    return inside
  }
  const figures = /^\d+/.exec(reading.text.slice(reading.at))?.[0]
  if (!figures) return null
  reading.at += figures.length
  return { kind: 'number', value: Number(figures) }
}

/** The numbers of a sentence, from left to right. */
function numbersIn(sentence: Sentence): number[] {
  return sentence.kind === 'number' ? [sentence.value] : [...numbersIn(sentence.left), ...numbersIn(sentence.right)]
}

/** The signs of a sentence, from left to right. */
function signsIn(sentence: Sentence): Sign[] {
  if (sentence.kind === 'number') return []
  return [...signsIn(sentence.left), sentence.sign, ...signsIn(sentence.right)]
}

type Worth =
  | { readonly ok: true; readonly value: number }
  | { readonly ok: false; readonly dividend: number; readonly divisor: number }

/** What a sentence comes to; refused at a division by 0 or with a rest. */
export function valueOf(sentence: Sentence): Worth {
  if (sentence.kind === 'number') return { ok: true, value: sentence.value }
  const [left, right] = [valueOf(sentence.left), valueOf(sentence.right)]
  if (!left.ok) return left
  if (!right.ok) return right
  const value = applied(sentence.sign, left.value, right.value)
  return value === null ? { ok: false, dividend: left.value, divisor: right.value } : { ok: true, value }
}

/** Two numbers with a sign between; null for a division by 0 or with a rest. */
export function applied(sign: Sign, left: number, right: number): number | null {
  if (sign === '+') return left + right
  if (sign === '-') return left - right
  // No −0: it is 0.
  if (sign === '*') return left * right + 0
  return right === 0 || left % right !== 0 ? null : left / right + 0
}

/** What `numbers` have that `used` doesn't; null where something is used that they haven't, with that. */
function leftOf(numbers: readonly number[], used: readonly number[]): { left: number[]; strange: number | null } {
  const left = [...numbers]
  for (const number of used) {
    const at = left.indexOf(number)
    if (at < 0) return { left, strange: number }
    left.splice(at, 1)
  }
  return { left, strange: null }
}

/** A calculation judged against the numbers that were brought: what it comes to, or why it may not be. */
export function judgeCalculation(rules: Pick<OwnRules, 'signs' | 'useAll'>, text: string, numbers: readonly number[]) {
  const read = readSentence(text)
  if (!read.ok) return refuse('not-readable', { at: read.at, calculation: text })
  const { sentence } = read
  const strangeSign = signsIn(sentence).find((sign) => !rules.signs.includes(NAMES[sign]))
  if (strangeSign) return refuse('sign-not-agreed', { sign: strangeSign })
  const { left, strange } = leftOf(numbers, numbersIn(sentence))
  if (strange !== null) return refuse('not-these-numbers', { number: strange, numbers })
  if (rules.useAll && left.length) return refuse('numbers-left', { left })
  const worth = valueOf(sentence)
  if (!worth.ok) return refuse('does-not-divide', { dividend: worth.dividend, divisor: worth.divisor })
  return { stands: true as const, value: worth.value, sentence }
}
