import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { Roll, TopRules, TopState } from '#core/games/top-total/rules'
import { notUnderstood, readLine, readNumbers, readSaid, writeExtras, writeSaid } from '#core/kit/notation'

/** Notation of Top Total: `1: roll 3 4 =7`. Short forms: `34`, `34 =7`; larger faces with spaces between. */
export function writePlay(play: Roll): string {
  return `${play.by}: roll ${play.dice.join(' ')}${writeSaid(play)}${writeExtras(play)}`
}

const FORM = /^(?:roll|r)?\s*([\d\s,]+?)\s*(?:=\s*(-?\d{1,9}))?$/

export function readPlay(text: string, _rules: TopRules, state: TopState): ReadPlay<Roll> {
  const { by, rest, extras } = readLine(text)
  const found = FORM.exec(rest)
  const dice = found && readNumbers(itemAt(found, 1).trim())
  if (!dice?.length) return notUnderstood(text)
  return { ok: true, play: { do: 'roll', by: by ?? state.turn, dice, ...readSaid(found![2]), ...extras } }
}
