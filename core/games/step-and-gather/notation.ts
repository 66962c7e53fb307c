import type { ReadPlay } from '#core/contract/game'
import type { Step, StepRules, StepState } from '#core/games/step-and-gather/rules'
import { notUnderstood, readLine, readSaid, writeExtras, writeSaid } from '#core/kit/notation'

/** Notation of Step & Gather: `1: step 4 @9 =23` (the roll, the space reached, the total said). Short forms: `4`, `4 =23`. */
export function writePlay(play: Step): string {
  const landed = play.landed === undefined ? '' : ` @${play.landed}`
  return `${play.by}: step ${play.roll}${landed}${writeSaid(play)}${writeExtras(play)}`
}

const FORM = /^(?:step|s)?\s*(\d{1,3})\s*(?:@\s*(\d{1,3}))?\s*(?:=\s*(-?\d{1,9}))?$/

export function readPlay(text: string, _rules: StepRules, state: StepState): ReadPlay<Step> {
  const { by, rest, extras } = readLine(text)
  const found = FORM.exec(rest)
  if (!found) return notUnderstood(text)
  const landed = found[2] === undefined ? {} : { landed: Number(found[2]) }
  const said = readSaid(found[3])
  return { ok: true, play: { do: 'step', by: by ?? state.turn, roll: Number(found[1]), ...landed, ...said, ...extras } }
}
