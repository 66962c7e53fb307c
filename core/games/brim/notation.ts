import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { BrimPlay, BrimRules, BrimState } from '#core/games/brim/rules'
import { notUnderstood, readLine, readSaid, writeExtras } from '#core/kit/notation'

/**
 * Notation of Brim: `1: roll 6 5 4 3 1`, `1: keep 6 4 roll 2 1 1`, `1: stop 19`. Short forms for fast typing:
 * `65431`, `k64 r211`, `s19`; the seat is the one on turn where it is left out.
 */
export function writePlay(play: BrimPlay): string {
  const extras = writeExtras(play)
  if (play.do === 'stop') {
    const said = play.said === undefined ? '' : ` ${play.said}`
    return `${play.by}: stop${said}${play.total === undefined ? '' : ` total ${play.total}`}${extras}`
  }
  const keep = play.keep?.length ? `keep ${play.keep.join(' ')} ` : ''
  return `${play.by}: ${keep}roll ${play.dice.join(' ')}${extras}`.trimEnd()
}

const STOP = /^(?:stop|s)\s*(-?\d{1,6})?(?:\s*(?:total|t)\s*(-?\d{1,6}))?$/
const ROLL = /^(?:(?:keep|k)\s*([\d\s,]*?)\s*)?(?:(?:roll|r)\s*|\/\s*)?([\d\s,]*)$/

export function readPlay(text: string, rules: BrimRules, state: BrimState): ReadPlay<BrimPlay> {
  const { by: seat, rest, extras } = readLine(text)
  const by = seat ?? state.turn
  const stop = STOP.exec(rest)
  if (stop) {
    const said = readSaid(stop[1])
    const total = stop[2] === undefined ? {} : { total: Number(stop[2]) }
    return { ok: true, play: { do: 'stop', by, ...said, ...total, ...extras } }
  }
  const roll = ROLL.exec(rest)
  if (!roll || !/\d/.test(rest)) return notUnderstood(text)
  const keeps = roll[1] === undefined ? [[]] : readDice(roll[1], null, rules.sides)
  const could: BrimPlay[] = []
  for (const keep of keeps) {
    const expected = state.rolled === 0 ? rules.dice : state.loose.length - keep.length
    for (const dice of readDice(roll[2] ?? '', expected, rules.sides))
      could.push({ do: 'roll', by, dice, ...(keep.length ? { keep } : {}), ...extras })
  }
  if (could.length === 0) return notUnderstood(text)
  return could.length === 1
    ? { ok: true, play: itemAt(could, 0) }
    : { ok: false, why: 'ambiguous', facts: { text }, could }
}

/**
 * The dice that a text may mean. Numbers set apart are taken as they are; a single block of digits may be one
 * die or several, and every way of cutting it into faces (of the expected count, where some fit) is returned.
 */
function readDice(text: string, expected: number | null, sides: number): number[][] {
  const parts = text.split(/[\s,]+/).filter(Boolean)
  if (parts.length === 0) return expected === null || expected === 0 ? [[]] : []
  if (parts.length > 1) return [parts.map(Number)]
  const block = itemAt(parts, 0)
  if (block.length > 24) return []
  if (sides <= 9) return [[...block].map(Number)]
  const cuts = cutInto(block, sides)
  const fitting = cuts.filter((cut) => cut.length === expected)
  return fitting.length ? fitting : cuts.length ? cuts.slice(0, 8) : [[Number(block)]]
}

function cutInto(block: string, sides: number): number[][] {
  if (block === '') return [[]]
  const cuts: number[][] = []
  for (const length of [1, 2]) {
    const face = Number(block.slice(0, length))
    if (block.length < length || block[0] === '0' || face > sides) continue
    for (const rest of cutInto(block.slice(length), sides)) if (cuts.length < 64) cuts.push([face, ...rest])
  }
  return cuts
}
