import { combined } from '#core/kit/dice'
import type { ReadPlay } from '#core/contract/game'
import { guesser, type CoverPlay, type CoverRules, type CoverState } from '#core/games/covered-part/rules'
import { notUnderstood, readLine, writeExtras } from '#core/kit/notation'

/**
 * Notation of Covered Part: `1: hide 3 4* =7` (the star marks the covered part, then the total announced), `2: guess 4`.
 * Short forms: `3 4*` with the right total, and `4` where a guess is awaited.
 */
export function writePlay(play: CoverPlay): string {
  if (play.do === 'guess') return `${play.by}: guess ${play.said}${writeExtras(play)}`
  const parts = play.parts.map((part, i) => `${part}${play.covered === i + 1 ? '*' : ''}`)
  return `${play.by}: hide ${parts.join(' ')} =${play.announced}${writeExtras(play)}`
}

const HIDE = /^(?:hide|h)?\s*(\d{1,2})(\*?)[\s,|]+(\d{1,2})(\*?)\s*(?:=\s*(\d{1,9}))?$/
const GUESS = /^(?:guess|g)?\s*(-?\d{1,9})$/

export function readPlay(text: string, rules: CoverRules, state: CoverState): ReadPlay<CoverPlay> {
  const { by, rest, extras } = readLine(text)
  const guess = GUESS.exec(rest)
  if (guess) return { ok: true, play: { do: 'guess', by: by ?? guesser(state), said: Number(guess[1]), ...extras } }
  const hide = HIDE.exec(rest)
  if (!hide || (hide[2] === '') === (hide[4] === '')) return notUnderstood(text)
  const parts = [Number(hide[1]), Number(hide[3])] as const
  const announced = hide[5] === undefined ? combined(parts, rules.combine).equals : Number(hide[5])
  return { ok: true, play: { do: 'hide', by: by ?? state.turn, parts, covered: hide[2] ? 1 : 2, announced, ...extras } }
}
