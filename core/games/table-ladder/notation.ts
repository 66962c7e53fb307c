import type { ReadPlay } from '#core/contract/game'
import type { LadderRules, LadderState, RungPlay } from '#core/games/table-ladder/rules'
import { notUnderstood, readLine, readSaid, writeExtras, writeSaid } from '#core/kit/notation'

/** Notation of Table Ladder: `1: rung 7 =21`. Short forms: `7 =21`; in a race the seat has to stand there, `2: 7 =21`. */
export function writePlay(play: RungPlay): string {
  return `${play.by}: rung ${play.roll}${writeSaid(play)}${writeExtras(play)}`
}

const FORM = /^(?:rung|r)?\s*(\d{1,3})\s*(?:=\s*(-?\d{1,9}))?$/

export function readPlay(text: string, rules: LadderRules, state: LadderState): ReadPlay<RungPlay> {
  const { by, rest, extras } = readLine(text)
  const found = FORM.exec(rest)
  if (!found || (by === null && rules.order === 'race' && state.seats > 1)) return notUnderstood(text)
  const said = readSaid(found[2])
  return { ok: true, play: { do: 'rung', by: by ?? state.turn, roll: Number(found[1]), ...said, ...extras } }
}
