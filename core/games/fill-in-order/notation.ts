import type { ReadPlay } from '#core/contract/game'
import { LETTERS, type Played } from '#core/games/fill-in-order/cards'
import type { FillRules, FillState, Turn } from '#core/games/fill-in-order/rules'
import { notUnderstood, readLine, writeExtras } from '#core/kit/notation'

/**
 * Notation of Fill in Order: `1: stock 3 7 K@4 Q`, `1: discard 3 J`: every card as it came up, a wild with its place. Short
 * forms: `3 7 q` from the stock, `d 3 j` from the discard; T is ten.
 */
export function writePlay(play: Turn): string {
  const cards = play.cards.map((card) => (typeof card === 'object' ? `${card.wild}@${card.slot}` : card))
  return `${play.by}: ${play.from} ${cards.join(' ')}${writeExtras(play)}`
}

function readCard(word: string): Played | null {
  const wild = /^([kj])@?(-?\d{1,9})$/.exec(word)
  if (wild) return { wild: wild[1] === 'k' ? 'K' : 'J', slot: Number(wild[2]) }
  const letter = LETTERS.find((each) => each.toLowerCase() === word)
  if (letter) return letter
  if (word === 't') return 10
  return /^-?\d{1,9}$/.test(word) ? Number(word) : null
}

export function readPlay(text: string, _rules: FillRules, state: FillState): ReadPlay<Turn> {
  const { by, rest, extras } = readLine(text)
  const words = rest.split(/[\s,]+/).filter(Boolean)
  const from = /^(d|discard)$/.test(words[0] ?? '') ? 'discard' : 'stock'
  const cards = (/^(d|discard|s|stock)$/.test(words[0] ?? '') ? words.slice(1) : words).map(readCard)
  if (!cards.length || !cards.every((card): card is Played => card !== null)) return notUnderstood(text)
  return { ok: true, play: { do: 'turn', by: by ?? state.turn, from, cards, ...extras } }
}
