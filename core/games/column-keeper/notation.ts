import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import {
  COLUMNS,
  type KeeperPlay,
  type KeeperRules,
  type KeeperState,
  type Where,
} from '#core/games/column-keeper/rules'
import { notUnderstood, readLine, writeExtras } from '#core/kit/notation'

/**
 * Notation of Column Keeper: `1: put 7 tens`, `1: put 3 aside`, `1: total 1182`. Short forms: `7t` (o, t, h, m for the
 * columns from the right, a for aside), `=1182`; the seat is the one on turn where it is left out.
 */
export function writePlay(play: KeeperPlay): string {
  const extras = writeExtras(play)
  return play.do === 'put'
    ? `${play.by}: put ${play.card} ${play.in}${extras}`
    : `${play.by}: total ${play.said}${extras}`
}

const PUT = /^(?:put\s*)?(-?\d{1,9})\s*([a-z]+)$/
const TOTAL = /^(?:total\s*|=\s*)(-?\d{1,16})$/
const SHORT: Readonly<Record<string, Where>> = { o: 'ones', t: 'tens', h: 'hundreds', m: 'thousands', a: 'aside' }

export function readPlay(text: string, _rules: KeeperRules, state: KeeperState): ReadPlay<KeeperPlay> {
  const { by: seat, rest, extras } = readLine(text)
  const by = seat ?? state.turn
  const total = TOTAL.exec(rest)
  if (total) return { ok: true, play: { do: 'total', by, said: Number(total[1]), ...extras } }
  const put = PUT.exec(rest)
  const where = put && (SHORT[itemAt(put, 2)] ?? [...COLUMNS, 'aside' as const].find((name) => name === put[2]))
  return put && where
    ? { ok: true, play: { do: 'put', by, card: Number(put[1]), in: where, ...extras } }
    : notUnderstood(text)
}
