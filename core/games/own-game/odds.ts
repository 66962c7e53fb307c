import { itemAt } from '#core/basics/lists'
import { ofSeat } from '#core/kit/seats'
import { bringsOf, type OwnRules } from '#core/games/own-game/houseRules'
import { end, hasReached, judge, type Throw } from '#core/games/own-game/rules'
import { scoresOf, type OwnState } from '#core/games/own-game/state'
import { specialsHeld } from '#core/games/own-game/throwing'
import { nextNumbers } from '#core/games/own-game/throws'

/** What one more throw may bring to the seat on turn, by one way to use it. All chances are exact, 0 to 1. */
interface ThrowOdds {
  /** From 1. */
  readonly way: number
  /** By how much score and pot together change on the whole. */
  readonly change: number
  /** The chance that what the turn made, or all, is lost. */
  readonly lost: number
  /** The chance that the match is over then. */
  readonly ends: number
  /** Where the marker may come to stand, the likeliest first; empty without a track. */
  readonly places: readonly { readonly place: number; readonly chance: number }[]
  /** The goal and every special of the rules, in their order, each also where nothing reaches it. */
  readonly reached: readonly Reached[]
}

/** What a throw may reach, how likely, and by which throws. */
interface Reached {
  readonly what: 'goal' | { readonly special: number }
  readonly chance: number
  /** Numbers from the smallest up, each throw once whatever the order; `FEW` of them at most. */
  readonly throws: readonly (readonly number[])[]
  /** There are more throws than these. */
  readonly more: boolean
}

/** Throws that are counted through at most. */
const MOST_THROWS = 20_000
/** Throws that are told of what they reach. */
const FEW = 6

/** Every throw that may come, in order, each as likely; null where there are too many to count. */
function allThrows(rules: OwnRules, state: OwnState): (readonly number[])[] | null {
  let found: (readonly number[])[] = [[]]
  for (let at = 0; at < bringsOf(rules); at++) {
    if (found.length * nextNumbers(rules, state, itemAt(found, 0)).length > MOST_THROWS) return null
    found = found.flatMap((came) => nextNumbers(rules, state, came).map((next) => [...came, next]))
  }
  return found
}

/**
 * What another throw may bring, by each way that leaves nothing to arrange; null where the throws are too many to count,
 * or every way has something to arrange.
 */
export function oddsOf(rules: OwnRules, state: OwnState): ThrowOdds[] | null {
  const throws = allThrows(rules, state)
  if (!throws) return null
  const odds = rules.ways.flatMap(({ makes }, i) =>
    makes === 'number' || makes === 'calculation' ? [] : [oddsOfWay(rules, state, throws, i + 1)],
  )
  return odds.length ? odds : null
}

function oddsOfWay(rules: OwnRules, state: OwnState, throws: readonly (readonly number[])[], way: number): ThrowOdds {
  const seat = state.turn
  const worth = (now: OwnState) => ofSeat(scoresOf(rules, now), seat) + (now.turn === seat ? now.pot : 0)
  const share = (times: number) => times / throws.length
  let [change, lost, ends] = [0, 0, 0]
  const places = new Map<number, number>()
  const goal = rules.goal !== null && rules.wins !== 'nearest' ? makeReached('goal') : null
  const specials = rules.specials.map((_, special) => makeReached({ special }))
  for (const numbers of throws) {
    const play: Throw = { do: 'throw', by: seat, numbers, ...(rules.ways.length > 1 ? { way } : {}) }
    const judged = judge(rules, state, play, { overrule: true })
    if (!judged.stands) continue
    const { next, notes } = judged
    change += worth(next) - worth(state)
    if (notes.some(({ code, facts }) => code === 'special' && LOSES.has(facts.then))) lost++
    if (end(rules, next)) ends++
    const place = ofSeat(next.places, seat)
    if (rules.track) places.set(place, (places.get(place) ?? 0) + 1)
    if (hasReached(rules, ofSeat(scoresOf(rules, next), seat))) goal?.note(numbers)
    const moves = notes.find(({ code }) => code === 'moves')
    const landed = moves?.code === 'moves' ? moves.facts.to : null
    const held = specialsHeld(rules, { by: seat, numbers, result: next.newest?.result ?? 0 }, state.places, landed)
    held.forEach((holds, i) => holds && itemAt(specials, i).note(numbers))
  }
  return {
    way,
    change: share(change),
    lost: share(lost),
    ends: share(ends),
    places: [...places]
      .map(([place, times]) => ({ place, chance: share(times) }))
      .sort((a, b) => b.chance - a.chance || a.place - b.place),
    reached: [...(goal ? [goal] : []), ...specials].map(({ told }) => told(share)),
  }
}

/** Counts the throws that reach something. */
function makeReached(what: Reached['what']) {
  let times = 0
  const throws = new Map<string, readonly number[]>()
  return {
    note(numbers: readonly number[]) {
      times++
      const sorted = [...numbers].sort((a, b) => a - b)
      throws.set(sorted.join(' '), sorted)
    },
    told: (share: (times: number) => number): Reached => ({
      what,
      chance: share(times),
      throws: [...throws.values()].slice(0, FEW),
      more: throws.size > FEW,
    }),
  }
}

const LOSES: ReadonlySet<string> = new Set(['bust', 'lose-all'])
