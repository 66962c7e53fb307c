import type { ReadPlay } from '#core/contract/game'
import { notUnderstood, readLine, readSaid, writeExtras, writeSaid } from '#core/kit/notation'
import { bringsOf, type OwnRules } from '#core/games/own-game/houseRules'
import type { OwnPlay } from '#core/games/own-game/rules'
import type { OwnState } from '#core/games/own-game/state'

/**
 * Notation of an own game: `1: throw 3 4 =7`, `1: throw 4 0 7 way 2 number 47`, `1: throw 3 4 5 calc (3+4)*5 =35`, `1: stop`.
 * Short forms: `34`, `3 4`, `s`; the seat is the one on turn where it is left out.
 */
export function writePlay(play: OwnPlay): string {
  const extras = `${writeSaid(play)}${writeExtras(play)}`
  if (play.do === 'stop') return `${play.by}: stop${extras}`
  const { by, numbers, way, number, calculation } = play
  const used = [
    ...(way === undefined ? [] : [` way ${way}`]),
    ...(number === undefined ? [] : [` number ${number}`]),
    ...(calculation === undefined ? [] : [` calc ${calculation}`]),
  ]
  return `${by}: throw ${numbers.join(' ')}${used.join('')}${extras}`
}

const STOP = /^(?:stop|s)\s*(?:=\s*([-−]?\d{1,15}))?$/
const THROW =
  /^(?:throw|t)?\s*([-−\d\s,]*\d)(?:\s+way\s+(\d))?(?:\s+number\s+(\d{1,15}))?(?:\s+calc\s+([^=]{1,80}?))?\s*(?:=\s*([-−]?\d{1,15}))?$/

/** The numbers of a throw; figures in one go are one each, where as many come as numbers are thrown. */
function numbersIn(text: string, expected: number): number[] | null {
  const parts = text
    .replaceAll('−', '-')
    .split(/[\s,]+/)
    .filter(Boolean)
  const [only] = parts
  const each = parts.length === 1 && only && expected > 1 && only.length === expected ? [...only] : parts
  const numbers = each.map(Number)
  return numbers.every(Number.isSafeInteger) ? numbers : null
}

export function readPlay(text: string, rules: OwnRules, state: OwnState): ReadPlay<OwnPlay> {
  const { by: seat, rest, extras } = readLine(text)
  const by = seat ?? state.turn
  const stop = STOP.exec(rest)
  if (stop) return { ok: true, play: { do: 'stop', by, ...readSaid(stop[1]), ...extras } }
  const found = THROW.exec(rest)
  const numbers = found && numbersIn(found[1] ?? '', bringsOf(rules))
  if (!found || !numbers) return notUnderstood(text)
  const [, , way, number, calculation, said] = found
  return {
    ok: true,
    play: {
      do: 'throw',
      by,
      numbers,
      ...(way === undefined ? {} : { way: Number(way) }),
      ...(number === undefined ? {} : { number: Number(number) }),
      ...(calculation === undefined ? {} : { calculation }),
      ...readSaid(said),
      ...extras,
    },
  }
}
