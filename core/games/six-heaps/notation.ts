import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { Line, Spot } from '#core/games/six-heaps/block'
import type { HeapPlay, HeapRules, HeapState } from '#core/games/six-heaps/rules'
import { notUnderstood, readLine, writeExtras } from '#core/kit/notation'

/**
 * Notation of Six Heaps: `1: place 7 2.3 +5 / 1.3,2.3`: the card, row and column, the card drawn where it was shown, and after a
 * stroke the lines named. Short forms: `7 23`, `pass`.
 */
export function writePlay(play: HeapPlay): string {
  if (play.do === 'pass') return `${play.by}: pass${writeExtras(play)}`
  const drew = play.drew === undefined ? '' : ` +${play.drew}`
  const lines =
    play.spotted === undefined
      ? ''
      : ` / ${play.spotted.map((line) => line.map(writeSpot).join(',')).join(' ')}`.trimEnd()
  return `${play.by}: place ${play.card} ${writeSpot(play.at)}${drew}${lines}${writeExtras(play)}`
}

const writeSpot = ([row, column]: Spot) => `${row}.${column}`

const FORM =
  /^(?:place\s+|p\s*)?(-?\d{1,9})\s+(-?\d{1,4}\.-?\d{1,4}|[1-9][1-9])(?:\s*\+\s*(-?\d{1,9}))?(?:\s*\/\s*(.*))?$/

export function readPlay(text: string, _rules: HeapRules, state: HeapState): ReadPlay<HeapPlay> {
  const { by: seat, rest, extras } = readLine(text)
  const by = seat ?? state.turn
  if (rest === 'pass') return { ok: true, play: { do: 'pass', by, ...extras } }
  const found = FORM.exec(rest)
  const at = found && readSpot(itemAt(found, 2))
  if (!found || !at) return notUnderstood(text)
  const spotted = found[4] === undefined ? undefined : readLines(found[4])
  if (spotted === null) return notUnderstood(text)
  const drew = found[3] === undefined ? {} : { drew: Number(found[3]) }
  return {
    ok: true,
    play: { do: 'place', by, card: Number(found[1]), at, ...(spotted ? { spotted } : {}), ...drew, ...extras },
  }
}

function readSpot(text: string): Spot | null {
  const found = /^(-?\d+)\.(-?\d+)$/.exec(text) ?? /^(\d)(\d)$/.exec(text)
  return found && [Number(found[1]), Number(found[2])]
}

function readLines(text: string): Line[] | null {
  const lines = text
    .split(/\s+/)
    .filter(Boolean)
    .map((line) => line.split(',').filter(Boolean).map(readSpot))
  return lines.every((line): line is Spot[] => line.every((spot) => spot !== null)) ? lines : null
}
