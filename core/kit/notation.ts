import { itemAt } from '#core/basics/lists'
import { HOWS, type BasePlay, type How } from '#core/contract/plays'

/** The part of every notation that is common: ` #2` for the member of a side, ` !` for explained, ` !made-ten` with how. */
export function writeExtras(play: BasePlay): string {
  const member = play.who === undefined ? '' : ` #${play.who}`
  if (play.explained === undefined && play.how === undefined) return member
  const how = play.how ?? ''
  return `${member}${play.explained === true ? ` !${how}` : play.explained === false ? ` ?${how}` : ` ~${how}`}`
}

/** What may stand at the end of any line of notation. */
interface Extras {
  explained?: boolean
  how?: How
  who?: number
}

/** Splits member and explanation off a line of notation. */
export function readExtras(text: string): { rest: string; extras: Extras } {
  const found = /\s*([!?~])([a-z-]*)$/.exec(text)
  const how = found?.[2]
  if (!found || (how && !HOWS.includes(how as How))) return readMember(text, {})
  const extras: Extras = {}
  if (found[1] === '!') extras.explained = true
  if (found[1] === '?') extras.explained = false
  if (how) extras.how = how as How
  return readMember(text.slice(0, found.index), extras)
}

function readMember(text: string, extras: Extras): { rest: string; extras: Extras } {
  const found = /\s*#(\d{1,2})$/.exec(text)
  return found
    ? { rest: text.slice(0, found.index), extras: { ...extras, who: Number(found[1]) } }
    : { rest: text, extras }
}

/** A line of notation taken apart: the seat written before a colon (null where none is), the play, the explanation. */
export function readLine(text: string) {
  const seat = /^\s*(\d{1,2})\s*:\s*/.exec(text)
  const { rest, extras } = readExtras(
    text
      .slice(seat?.[0].length ?? 0)
      .trim()
      .toLowerCase(),
  )
  return { by: seat ? Number(seat[1]) : null, rest: rest.trim(), extras }
}

/** `3 7`, `3,7`, or `37` where every number has one digit (`t` stands for ten); null where it is something else. */
export function readNumbers(text: string): number[] | null {
  if (!/^[\dt\s,]*$/.test(text)) return null
  const parts = text.split(/[\s,]+/).filter(Boolean)
  const each = parts.length === 1 && itemAt(parts, 0).length > 1 ? [...itemAt(parts, 0)] : parts
  const numbers = each.map((part) => (part === 't' ? 10 : Number(part)))
  return numbers.every((number) => Number.isInteger(number)) ? numbers : null
}

/** What was said, as every notation writes it: ` =12`. */
export function writeSaid({ said }: { readonly said?: number }): string {
  return said === undefined ? '' : ` =${said}`
}

/** What was said, read from its figures (a hyphen or a minus before them); nothing where none stand there. */
export function readSaid(figures: string | undefined): { said?: number } {
  return figures === undefined ? {} : { said: Number(figures.replace('−', '-')) }
}

export function notUnderstood(text: string) {
  return { ok: false as const, why: 'not-understood' as const, facts: { text } }
}
