import type { ReadPlay } from '#core/contract/game'
import type { LandingRules, LandingState, Spin } from '#core/games/exact-landing/rules'
import { notUnderstood, readLine, readSaid, writeExtras, writeSaid } from '#core/kit/notation'

/** Notation of Exact Landing: `1: spin +3 =8`. Short forms: `+3`, `-2 =3`. */
export function writePlay(play: Spin): string {
  return `${play.by}: spin ${play.sign}${play.step}${writeSaid(play)}${writeExtras(play)}`
}

const FORM = /^(?:spin|s)?\s*([+\-−])\s*(\d{1,4})\s*(?:=\s*([-−]?\d{1,9}))?$/

export function readPlay(text: string, _rules: LandingRules, state: LandingState): ReadPlay<Spin> {
  const { by, rest, extras } = readLine(text)
  const found = FORM.exec(rest)
  if (!found) return notUnderstood(text)
  const said = readSaid(found[3])
  return {
    ok: true,
    play: {
      do: 'spin',
      by: by ?? state.turn,
      sign: found[1] === '+' ? '+' : '-',
      step: Number(found[2]),
      ...said,
      ...extras,
    },
  }
}
