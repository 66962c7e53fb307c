import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import type { YardPlay, YardState } from '#core/games/skip-count-yard/rules'
import { POSITIONS, type Position } from '#core/games/skip-count-yard/yard'
import { notUnderstood, readLine, writeExtras } from '#core/kit/notation'

/** Notation of Skip-Count Yard: `1: draw`, `1: draw 15`, `1: add 15 N`, `1: move N>SE 2`, `1: end`. Short forms: `15 N`, `N>SE 2`. */
export function writePlay(play: YardPlay): string {
  const extras = writeExtras(play)
  switch (play.do) {
    case 'draw':
      return `${play.by}: draw${play.card === undefined ? '' : ` ${play.card}`}${extras}`
    case 'add':
      return `${play.by}: add ${play.card} ${play.to}${extras}`
    case 'move':
      return `${play.by}: move ${play.from}>${play.to}${play.count === undefined ? '' : ` ${play.count}`}${extras}`
    default:
      return `${play.by}: end${extras}`
  }
}

const positionOf = (text: string): Position | undefined => POSITIONS.find((position) => position.toLowerCase() === text)

export function readPlay(text: string, _rules: YardRules, state: YardState): ReadPlay<YardPlay> {
  const { by: seat, rest, extras } = readLine(text)
  const by = seat ?? state.turn
  if (rest === 'end') return { ok: true, play: { do: 'end', by, ...extras } }
  const draw = /^(?:draw|d)(?:\s+(-?\d{1,9}))?$/.exec(rest)
  if (draw)
    return {
      ok: true,
      play: { do: 'draw', by, ...(draw[1] === undefined ? {} : { card: Number(draw[1]) }), ...extras },
    }
  const add = /^(?:add\s+)?(-?\d{1,9})\s*([nesw]{1,2})$/.exec(rest)
  const to = add && positionOf(itemAt(add, 2))
  if (add && to) return { ok: true, play: { do: 'add', by, card: Number(add[1]), to, ...extras } }
  const move = /^(?:move\s+)?([nesw]{1,2})\s*>\s*([nesw]{1,2})(?:\s+(-?\d{1,9}))?$/.exec(rest)
  const [from, onto] = move ? [positionOf(itemAt(move, 1)), positionOf(itemAt(move, 2))] : []
  if (!move || !from || !onto) return notUnderstood(text)
  return {
    ok: true,
    play: { do: 'move', by, from, to: onto, ...(move[3] === undefined ? {} : { count: Number(move[3]) }), ...extras },
  }
}
