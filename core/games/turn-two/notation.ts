import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { PairPlay, PairRules, PairState } from '#core/games/turn-two/rules'
import { notUnderstood, readLine, writeExtras } from '#core/kit/notation'

/** Notation of Turn Two: `1: turn 3=4 7=6` (place = card), `relay`. Short form: `3=4 7=6`. */
export function writePlay(play: PairPlay): string {
  if (play.do === 'relay') return `relay${writeExtras(play)}`
  const { at, cards } = play
  // Where places and cards are not as many, they stand apart.
  const told =
    at.length === cards.length
      ? at.map((place, i) => `${place}=${cards[i]}`).join(' ')
      : `${at.join(' ')} / ${cards.join(' ')}`
  return `${play.by}: turn ${told.trim()}${writeExtras(play)}`
}

const PAIRS = /^(-?\d{1,9}=-?\d{1,9}\s*)+$/
const numbers = (text: string) => [...text.matchAll(/-?\d+/g)].map(([digits]) => Number(digits))

export function readPlay(text: string, _rules: PairRules, state: PairState): ReadPlay<PairPlay> {
  const { by: seat, rest, extras } = readLine(text)
  if (rest === 'relay') return { ok: true, play: { do: 'relay', ...extras } }
  const by = seat ?? state.turn
  const told = rest.replace(/^turn\s*/, '')
  if (PAIRS.test(told)) {
    const all = numbers(told)
    return {
      ok: true,
      play: {
        do: 'turn',
        by,
        at: all.filter((_, i) => i % 2 === 0),
        cards: all.filter((_, i) => i % 2 === 1),
        ...extras,
      },
    }
  }
  const apart = /^([-\d\s]*)\/([-\d\s]*)$/.exec(told)
  if (!apart) return notUnderstood(text)
  return {
    ok: true,
    play: { do: 'turn', by, at: numbers(itemAt(apart, 1)), cards: numbers(itemAt(apart, 2)), ...extras },
  }
}
