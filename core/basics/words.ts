/** Small parts of English sentences. */

/** `3 dice`, `1 die`. */
export function count(n: unknown, one: string, many: string): string {
  return `${Number(n)} ${Number(n) === 1 ? one : many}`
}

export function isAre(n: unknown): string {
  return Number(n) === 1 ? 'is' : 'are'
}

// Made when it is first asked for: bin/judge is kept as it stands once it is loaded, and such a thing can't be.
let lists: Intl.ListFormat | undefined

/** `6`, `6 and 4`, `6, 4 and 1`. */
export function list(parts: readonly unknown[]): string {
  // British English: no comma before the last “and”.
  lists ??= new Intl.ListFormat('en-GB', { type: 'conjunction' })
  return lists.format(parts.map(String))
}

const SMALL = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']

/** Small numbers as words: `four`; larger ones in figures. */
export function numberWord(n: unknown): string {
  return SMALL[Number(n)] ?? String(n)
}

/** `a 7`, `an 8`, `an 11`: a number card with its article. */
export function aCard(card: unknown): string {
  const text = String(card)
  return `${/^8|^1[18](?!\d)/.test(text) ? 'an' : 'a'} ${text}`
}

/** ` and says 12`, where something was said. */
export function andSays(said: number | undefined): string {
  return said === undefined ? '' : ` and says ${said}`
}

/** A sentence with a minus, and no hyphen, before each number below zero and between numbers that are taken away. */
export function withMinus(text: string): string {
  return text.replace(/(?<![\p{L}\p{N}])-(?=\d)/gu, '−').replace(/(?<=\d\)?) - (?=\(?[\d−])/g, ' − ')
}

/** A number as it is read: from five digits on in groups of three (`2000`, `352,416`), in sentences and workings alike. */
export function grouped(figures: number | string): string {
  const value = Number(figures)
  return Math.abs(value) < 10_000 ? String(value) : value.toLocaleString('en-GB')
}

/** A number with a minus, not a hyphen. */
export function figure(value: number): string {
  return String(value).replace('-', '−')
}

/** A number to one place: `2.5`, `3`. */
export const tenth = (n: number): string => String(Math.round(n * 10) / 10)

/** `2–4`, or `2` where both are the same. */
export function range({ low, high }: { readonly low: number; readonly high: number }): string {
  return low === high ? String(low) : `${low}–${high}`
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
