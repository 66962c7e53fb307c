import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { AskPlay, AskRules, AskState } from '#core/games/ask-for-rest/rules'
import { notUnderstood, readLine, readNumbers, writeExtras } from '#core/kit/notation'

/**
 * Notation of Ask for the Rest: `1: lay 3 7`, `1: ask 2 for 6 got`, `1: ask 2 for 6 no`, `1: draw`, `1: draw 4`,
 * `1: replace 10`. Short forms: `l37`, `2 6 y`, `2 6 n`, `d`, `d4`, `x10`. The seat is the one on turn (or who owes the
 * draw) where it is left out; with two players, whom one asks too (`6 y`).
 */
export function writePlay(play: AskPlay): string {
  const extras = writeExtras(play)
  switch (play.do) {
    case 'lay':
      return `${play.by}: lay ${play.cards.join(' ')}${extras}`
    case 'ask':
      return `${play.by}: ask ${play.of} for ${play.for} ${play.got ? 'got' : 'no'}${extras}`
    case 'draw':
      return `${play.by}: draw${play.card === undefined ? '' : ` ${play.card}`}${extras}`
    default:
      return `${play.by}: replace ${play.card}${extras}`
  }
}

const ASK = /^(?:ask\s*|a\s*)?(?:@?(\d{1,2})\s*(?:for\s*|\s))?(-?\d{1,9})\s*(got|yes|y|no|n)$/
const DRAW = /^(?:draw|d)\s*(-?\d{1,9})?$/
const REPLACE = /^(?:replace|x)\s*(-?\d{1,9})$/
const LAY = /^(?:lay|l)\s*([-\dt\s,]+)$/

export function readPlay(text: string, _rules: AskRules, state: AskState): ReadPlay<AskPlay> {
  const { by: seat, rest, extras } = readLine(text)
  const by = seat ?? state.owed ?? state.turn
  const draw = DRAW.exec(rest)
  if (draw)
    return {
      ok: true,
      play: { do: 'draw', by, ...(draw[1] === undefined ? {} : { card: Number(draw[1]) }), ...extras },
    }
  const replace = REPLACE.exec(rest)
  if (replace) return { ok: true, play: { do: 'replace', by, card: Number(replace[1]), ...extras } }
  const lay = LAY.exec(rest)
  const cards = lay && readNumbers(itemAt(lay, 1).trim())
  if (cards?.length === 2)
    return { ok: true, play: { do: 'lay', by, cards: [itemAt(cards, 0), itemAt(cards, 1)], ...extras } }
  const ask = ASK.exec(rest)
  const of = ask?.[1] ? Number(ask[1]) : state.seats === 2 ? 3 - by : null
  if (!ask || of === null) return notUnderstood(text)
  return { ok: true, play: { do: 'ask', by, of, for: Number(ask[2]), got: !itemAt(ask, 3).startsWith('n'), ...extras } }
}
