import type { ReadPlay } from '#core/contract/game'
import type { EbbRules, EbbState, Flip } from '#core/games/ebb-and-flow/rules'
import { notUnderstood, readLine, readSaid, writeExtras, writeSaid } from '#core/kit/notation'

/** Notation of Ebb & Flow: `1: flip 7 =12`, `1: flip warm 4 =14`, `1: flip wild`. Short forms: `7`, `w4`, `c7 =3`, `w`. */
export function writePlay(play: Flip): string {
  return `${play.by}: flip ${play.colour ? `${play.colour} ` : ''}${play.card}${writeSaid(play)}${writeExtras(play)}`
}

const FORM = /^(?:flip|f)?\s*(?:(wild|w)|(?:(warm|w|cool|c)\s*)?(\d{1,3}))\s*(?:=\s*([-−]?\d{1,9}))?$/

export function readPlay(text: string, _rules: EbbRules, state: EbbState): ReadPlay<Flip> {
  const { by, rest, extras } = readLine(text)
  const found = FORM.exec(rest)
  if (!found) return notUnderstood(text)
  const [, wild, colour, card, said] = found
  const told = readSaid(said)
  const shown = wild
    ? ({ card: 'wild' } as const)
    : {
        card: Number(card),
        ...(colour ? { colour: colour.startsWith('w') ? ('warm' as const) : ('cool' as const) } : {}),
      }
  return { ok: true, play: { do: 'flip', by: by ?? state.turn, ...shown, ...told, ...extras } }
}
