// The library has no types of its own; every part of the project that imports this needs to find them.
// eslint-disable-next-line @typescript-eslint/triple-slash-reference
/// <reference path="./written-number.d.ts" />
import writtenNumber from 'written-number'

/** A whole number from 0 to 999,999 in words, British English: `one hundred and twenty-three thousand four hundred and five`. */
export function numberInWords(number: number): string {
  const thousands = Math.floor(number / 1000)
  const rest = number % 1000
  // The library leaves out the “and” of the thousands, so each part is written by itself.
  if (!thousands) return part(rest)
  return `${part(thousands)} thousand${rest ? `${rest < 100 ? ' and ' : ' '}${part(rest)}` : ''}`
}

const PARTS = new Map<number, string>()

/** A number below a thousand; each is written once. */
function part(number: number): string {
  const known = PARTS.get(number) ?? writtenNumber(number)
  PARTS.set(number, known)
  return known
}
