import type { ReadPlay } from '#core/contract/game'
import type { HaulRules, HaulState, Spin } from '#core/games/ten-turn-haul/rules'
import { notUnderstood, readLine, readSaid, writeExtras, writeSaid } from '#core/kit/notation'

/** Notation of Ten-Turn Haul: `1: spin 7 =34`. Short forms: `7`, `7 =34`. */
export function writePlay(play: Spin): string {
  return `${play.by}: spin ${play.value}${writeSaid(play)}${writeExtras(play)}`
}

const FORM = /^(?:spin|s)?\s*(\d{1,6})\s*(?:=\s*(-?\d{1,9}))?$/

export function readPlay(text: string, _rules: HaulRules, state: HaulState): ReadPlay<Spin> {
  const { by, rest, extras } = readLine(text)
  const found = FORM.exec(rest)
  if (!found) return notUnderstood(text)
  const said = readSaid(found[2])
  return { ok: true, play: { do: 'spin', by: by ?? state.turn, value: Number(found[1]), ...said, ...extras } }
}
