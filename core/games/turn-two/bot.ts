import { itemAt } from '#core/basics/lists'
import type { Dealt, Wish } from '#core/contract/game'
import { knownMatch } from '#core/games/turn-two/advice'
import {
  notStuck,
  seenElsewhere,
  type PairPlay,
  type PairRules,
  type PairState,
  type Turn,
} from '#core/games/turn-two/rules'
import { restOf } from '#core/kit/pack'
import type { Random } from '#core/basics/random'

/** What may lie at each place: the real cards where the app deals, else what was seen and any of the others. */
function layoutLike({ pack }: PairRules, state: PairState, random: Random): (number | null)[] {
  if (state.dealt) return [...state.dealt.lie]
  const hidden = random.shuffled(restOf(pack, [...state.gone, ...seenElsewhere(state)]))
  return state.places.map(({ lies, seen }) => (lies ? (seen ?? hidden.pop() ?? null) : null))
}

const openPlaces = ({ places }: PairState) => places.flatMap(({ lies }, i) => (lies ? [i + 1] : []))

/** The turn of the first places for each place that may be turned first, with cards that may lie there; the relay where one is due. */
export function* plays(rules: PairRules, state: PairState, seat: number): Generator<PairPlay> {
  if (notStuck(rules, state) === null) yield { do: 'relay' }
  if (seat !== state.turn) return
  const hidden = restOf(rules.pack, [...state.gone, ...seenElsewhere(state)])
  let next = 0
  const lie = state.dealt
    ? state.dealt.lie
    : state.places.map(({ lies, seen }) => (lies ? (seen ?? itemAt(hidden, next++)) : null))
  const open = openPlaces(state)
  for (const first of open) {
    const at = [first, ...open.filter((place) => place !== first).slice(0, rules.perTurn - 1)]
    if (at.length === rules.perTurn)
      yield { do: 'turn', by: seat, at, cards: at.map((place) => lie[place - 1]!), explained: true }
  }
}

/** The dealer: shows what lies at the places wished for. Whoever has turned one chooses the next knowing it. */
export function deal({ perTurn }: PairRules, { dealt }: PairState, wish: Wish): Dealt | null {
  const { at } = wish as Wish & Partial<Pick<Turn, 'at'>>
  if (wish.do !== 'turn' || !dealt || !Array.isArray(at)) return null
  const cards = at.slice(0, perTurn).map((place) => dealt.lie[(place as number) - 1] ?? null)
  if (cards.some((card) => card === null)) return null
  return { brings: { cards }, ...(cards.length < perTurn ? { unfinished: true as const } : {}) }
}

/** Takes a match that it has seen; else turns new places, and completes a match with what it remembers. */
export function bot(rules: PairRules, state: PairState, seat: number, random: Random): PairPlay {
  const known = knownMatch(rules, state)
  if (known) return { do: 'turn', by: seat, ...known, explained: true, how: 'knew-it' }
  if (notStuck(rules, state) === null) return { do: 'relay' }
  const lie = layoutLike(rules, state, random)
  const open = openPlaces(state)
  const fresh = random.shuffled(open.filter((place) => itemAt(state.places, place - 1).seen === null))
  const old = random.shuffled(open.filter((place) => itemAt(state.places, place - 1).seen !== null))
  const first = fresh[0] ?? itemAt(old, 0)
  const seen: PairState = {
    ...state,
    places: state.places.map((spot, i) => (i === first - 1 ? { lies: true, seen: lie[i]! } : spot)),
  }
  const match = knownMatch(rules, seen)
  const at = match
    ? [first, ...match.at.filter((place) => place !== first)]
    : [...fresh, ...old].slice(0, rules.perTurn)
  return { do: 'turn', by: seat, at, cards: at.map((place) => lie[place - 1]!), explained: true, how: 'knew-it' }
}
