import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { StopsRules, StopsState, Travel } from '#core/games/hundred-stops/rules'
import { notUnderstood, readLine, readNumbers, readSaid, writeExtras, writeSaid } from '#core/kit/notation'

/**
 * Notation of Hundred Stops: `1: 5 4 / 2 / h t9 h =490`: the dice, the hundreds, the order, where one says one ends.
 * Short forms for fast typing: `54 2 h t9 h`; the seat is the one on turn where it is left out.
 */
export function writePlay(play: Travel): string {
  return `${play.by}: ${play.dice.join(' ')} / ${play.hundreds} / ${play.order.join(' ')}${writeSaid(play)}${writeExtras(play)}`
}

const FORM =
  /^([\d\s,]+?)\s*(?:\/\s*|\s)(\d{1,2})\s*(?:\/\s*|\s)((?:h|t\d{1,4})(?:[\s,]*(?:h|t\d{1,4}))*)?\s*(?:=\s*(-?\d{1,9}))?$/

export function readPlay(text: string, _rules: StopsRules, state: StopsState): ReadPlay<Travel> {
  const { by, rest, extras } = readLine(text)
  const found = FORM.exec(rest)
  const dice = found && readNumbers(itemAt(found, 1).trim())
  if (!found || !dice) return notUnderstood(text)
  const order = found[3]?.match(/h|t\d{1,4}/g) ?? []
  const said = readSaid(found[4])
  return {
    ok: true,
    play: { do: 'travel', by: by ?? state.turn, dice, hundreds: Number(found[2]), order, ...said, ...extras },
  }
}
