import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { StrikePlay, StrikeRules, StrikeState } from '#core/games/place-strike/rules'
import { notUnderstood, readLine, writeExtras } from '#core/kit/notation'

/**
 * Notation of Place Strike: `1: strike 4 at 3 in 2` (digit, place from the ones, number), `1: none 4 at 3`. Short forms:
 * `432` (digit, place, number), `43 none`, `43-`; the place may be o, t, h, th, tt, ht.
 */
export function writePlay(play: StrikePlay): string {
  const roll = `${play.digit} at ${play.place}`
  return `${play.by}: ${play.do === 'strike' ? `strike ${roll} in ${play.number}` : `none ${roll}`}${writeExtras(play)}`
}

const LONG = /^(strike|none)\s+(-?\d{1,9})\s+at\s+(-?\d{1,9}|o|t|h|th|tt|ht)(?:\s+in\s+(-?\d{1,9}))?$/
const SHORT = /^(\d)\s*(\d|o|tt|th|ht|t|h)\s*(?:(\d{1,2})|(none|n|-))$/
const LETTERS = ['o', 't', 'h', 'th', 'tt', 'ht']

export function readPlay(text: string, _rules: StrikeRules, state: StrikeState): ReadPlay<StrikePlay> {
  const { by: seat, rest, extras } = readLine(text)
  const by = seat ?? state.turn
  const long = LONG.exec(rest)
  const short = long ? null : SHORT.exec(rest)
  const [digit, place, number] = long
    ? [itemAt(long, 2), itemAt(long, 3), long[4]]
    : short
      ? [itemAt(short, 1), itemAt(short, 2), short[3]]
      : []
  if (digit === undefined || place === undefined) return notUnderstood(text)
  const at = LETTERS.includes(place) ? LETTERS.indexOf(place) + 1 : Number(place)
  const strikes = long ? long[1] === 'strike' : number !== undefined
  if (strikes !== (number !== undefined)) return notUnderstood(text)
  if (!strikes) return { ok: true, play: { do: 'none', by, digit: Number(digit), place: at, ...extras } }
  return { ok: true, play: { do: 'strike', by, digit: Number(digit), place: at, number: Number(number), ...extras } }
}
