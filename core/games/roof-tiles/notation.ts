import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import type { RoofPlay, RoofState } from '#core/games/roof-tiles/rules'
import { isFinished } from '#core/games/roof-tiles/layout'
import { notUnderstood, readLine, writeExtras } from '#core/kit/notation'

/**
 * Notation of Roof Tiles: `1: take 6.1 6.3`, `1: take 6.2 turned`, `1: turn 7`, `1: done`. Short forms: `6.1 6.3`,
 * `6.2 t`, `t7`, `c12`; what is left is counted `1: count =12`. Without a seat it is the one layout that still goes on; with several it is ambiguous.
 */
export function writePlay(play: RoofPlay): string {
  const extras = writeExtras(play)
  if (play.do === 'done') return `${play.by}: done${extras}`
  if (play.do === 'count') return `${play.by}: count =${play.said}${extras}`
  if (play.do === 'turn') return `${play.by}: turn ${play.card}${extras}`
  const tiles = play.tiles.map(([row, place]) => `${row}.${place}`)
  return `${play.by}: take ${[...tiles, ...(play.turned ? ['turned'] : [])].join(' ')}${extras}`.trimEnd()
}

const COUNT = /^(?:count\s*|c\s*)=?\s*(-?\d{1,9})$/
const TURN = /^(?:turn\s*|t\s*)(-?\d{1,9})$/
const TAKE = /^(?:take\b\s*)?((?:-?\d{1,4}\.-?\d{1,4}\s*)*)(turned|t|\+)?$/

export function readPlay(text: string, rules: RoofRules, state: RoofState): ReadPlay<RoofPlay> {
  const { by, rest, extras } = readLine(text)
  const going = by === null ? state.layouts.flatMap((layout, i) => (isFinished(rules, layout) ? [] : [i + 1])) : [by]
  const found = rest ? readKind(rest) : null
  if (!found || !going.length) return notUnderstood(text)
  const could = going.map((seat) => ({ ...found, by: seat, ...extras }) as RoofPlay)
  return could.length === 1
    ? { ok: true, play: itemAt(could, 0) }
    : { ok: false, why: 'ambiguous', facts: { text }, could }
}

function readKind(rest: string): object | null {
  if (/^(?:done|d)$/.test(rest)) return { do: 'done' }
  const count = COUNT.exec(rest)
  if (count) return { do: 'count', said: Number(count[1]) }
  const turn = TURN.exec(rest)
  if (turn) return { do: 'turn', card: Number(turn[1]) }
  const take = TAKE.exec(rest)
  if (!take) return null
  const tiles = (take[1] ?? '')
    .trim()
    .split(/\s+/)
    .filter(Boolean)
    .map((tile) => tile.split('.').map(Number))
  return { do: 'take', tiles, ...(take[2] ? { turned: true } : {}) }
}
