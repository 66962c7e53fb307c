import { itemAt } from '#core/basics/lists'
import { ofSeat } from '#core/kit/seats'
import { bringsOf, type OwnRules } from '#core/games/own-game/houseRules'
import { end, judge, type Throw } from '#core/games/own-game/rules'
import { scoresOf, type OwnState } from '#core/games/own-game/state'
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
}

/** Throws that are counted through at most. */
const MOST_THROWS = 20_000

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
  const seat = state.turn
  const worth = (now: OwnState) => ofSeat(scoresOf(rules, now), seat) + (now.turn === seat ? now.pot : 0)
  const odds = rules.ways.flatMap(({ makes }, i): ThrowOdds[] => {
    if (makes === 'number' || makes === 'calculation') return []
    let [change, lost, ends] = [0, 0, 0]
    const places = new Map<number, number>()
    for (const numbers of throws) {
      const play: Throw = { do: 'throw', by: seat, numbers, ...(rules.ways.length > 1 ? { way: i + 1 } : {}) }
      const judged = judge(rules, state, play, { overrule: true })
      if (!judged.stands) continue
      change += worth(judged.next) - worth(state)
      if (judged.notes.some(({ code, facts }) => code === 'special' && LOSES.has(facts.then))) lost++
      if (end(rules, judged.next)) ends++
      const place = ofSeat(judged.next.places, seat)
      if (rules.track) places.set(place, (places.get(place) ?? 0) + 1)
    }
    const share = (count: number) => count / throws.length
    return [
      {
        way: i + 1,
        change: share(change),
        lost: share(lost),
        ends: share(ends),
        places: [...places]
          .map(([place, count]) => ({ place, chance: share(count) }))
          .sort((a, b) => b.chance - a.chance || a.place - b.place),
      },
    ]
  })
  return odds.length ? odds : null
}

const LOSES: ReadonlySet<string> = new Set(['bust', 'lose-all'])
