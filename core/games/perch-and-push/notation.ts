import type { ReadPlay } from '#core/contract/game'
import type { PerchPlay, PerchRules, PerchState } from '#core/games/perch-and-push/rules'
import { notUnderstood, readLine, readNumbers, writeExtras } from '#core/kit/notation'

/**
 * Notation of Perch & Push: `1: 3 7 on 13`, `1: pass 3 7`, `reshuffle`. Short forms: `37 13` (t is ten), `p37`, `r`;
 * the seat is the one on turn where it is left out.
 */
export function writePlay(play: PerchPlay): string {
  const extras = writeExtras(play)
  if (play.do === 'reshuffle') return `reshuffle${extras}`
  if (play.do === 'pass') return `${play.by}: pass ${play.cards.join(' ')}${extras}`
  const said = play.said ? ` =${play.said.join(',')}` : ''
  return `${play.by}: ${play.cards.join(' ')} on ${play.on}${said}${extras}`
}

const PLACE = /^([\dt\s,]*?)\s*(?:\bon\s*|\s)(-?\d{1,9})(?:\s*=\s*([-\d,\s]+))?$/
const PASS = /^(?:pass|p)\s*([\dt\s,]*)$/

export function readPlay(text: string, _rules: PerchRules, state: PerchState): ReadPlay<PerchPlay> {
  const { by: seat, rest, extras } = readLine(text)
  if (/^(?:reshuffle|r)$/.test(rest)) return { ok: true, play: { do: 'reshuffle', ...extras } }
  const by = seat ?? state.turn
  const passed = PASS.exec(rest)
  const placed = passed ? null : PLACE.exec(rest)
  const cards = readNumbers((passed ?? placed)?.[1]?.trim() ?? '-')
  if (!cards) return notUnderstood(text)
  if (passed) return { ok: true, play: { do: 'pass', by, cards, ...extras } }
  const said = placed?.[3]?.split(/[\s,]+/).map(Number)
  return { ok: true, play: { do: 'place', by, cards, on: Number(placed?.[2]), ...(said ? { said } : {}), ...extras } }
}
