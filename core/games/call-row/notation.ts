import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { RowPlay, RowRules, RowState } from '#core/games/call-row/rules'
import type { PlusMinus } from '#core/kit/signing'
import { notUnderstood, readLine, readNumbers, writeExtras } from '#core/kit/notation'

/**
 * Notation of Call the Row: `deal 7`, `2: call 8 6 4`, `2: call +8 +6 -4` with the signs said. Short forms: `7`, `2: 8 6 4`;
 * at the desk a name stands for the seat: `call Bao 8 6 4`.
 */
export function writePlay(play: RowPlay): string {
  if (play.do === 'deal') return `deal ${play.card}${writeExtras(play)}`
  const cards =
    play.signs === undefined ? play.cards.join(' ') : `${play.cards.join(' ')} / ${play.signs.join(' ')}`.trimEnd()
  const even = play.signs?.length === play.cards.length
  return `${play.by}: call ${even ? play.cards.map((card, i) => `${play.signs![i]}${card}`).join(' ') : cards}${writeExtras(play)}`
}

export function readPlay(text: string, _rules: RowRules, _state: RowState): ReadPlay<RowPlay> {
  const { by: seat, rest, extras } = readLine(text)
  const deal = /^(?:deal\s+)?(\d{1,9}|t)$/.exec(rest)
  if (seat === null && deal)
    return { ok: true, play: { do: 'deal', card: deal[1] === 't' ? 10 : Number(deal[1]), ...extras } }
  const call = /^(?:call\s*)?(?:@(\d{1,2})\s+)?(.+)$/.exec(rest)
  const by = call?.[1] ? Number(call[1]) : seat
  if (!call || by === null) return notUnderstood(text)
  const [cardsText = '', signsText] = itemAt(call, 2).split('/')
  const withSigns = /^[+\-−]\s*\d/.test(cardsText.trim())
  const cards = withSigns ? [...cardsText.matchAll(/\d+/g)].map(([digits]) => Number(digits)) : readNumbers(cardsText)
  if (!cards?.length || (withSigns && !/^(\s*[+\-−]\s*\d{1,9})+\s*$/.test(cardsText))) return notUnderstood(text)
  if (signsText !== undefined && !/^[\s+\-−]*$/.test(signsText)) return notUnderstood(text)
  const signs = withSigns || signsText !== undefined ? readSigns(withSigns ? cardsText : signsText!) : undefined
  return { ok: true, play: { do: 'call', by, cards, ...(signs ? { signs } : {}), ...extras } }
}

const readSigns = (text: string): PlusMinus[] =>
  [...text.matchAll(/[+\-−]/g)].map(([sign]) => (sign === '+' ? '+' : '-'))
