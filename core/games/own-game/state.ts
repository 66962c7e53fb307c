import type { Seating } from '#core/contract/game'
import { openTurns, type Turns } from '#core/kit/turns'
import { everySeat, ofSeat, seatAfter, withSeat, type BySeat } from '#core/kit/seats'
import type { OwnRules } from '#core/games/own-game/houseRules'

/** A throw as table and board show it. */
export interface Thrown {
  readonly by: number
  readonly numbers: readonly number[]
  readonly result: number
  /** Where the marker stood before and after; the same without a track. */
  readonly from: number
  readonly to: number
}

export interface OwnState extends Turns {
  readonly points: BySeat<number>
  /** Where the markers stand; 0 without a track. */
  readonly places: BySeat<number>
  /** What lies in the pot of the turn. */
  readonly pot: number
  /** Throws that the turn still has; not counted where they are free. */
  readonly left: number
  /** The next throw was won by a special and does not count. */
  readonly extra: boolean
  /** The turn has begun with a throw. */
  readonly threw: boolean
  /** Points and place of the one on turn as the turn began, awards since then among them. */
  readonly began: { readonly points: number; readonly place: number }
  /** Who is to miss the next turn. */
  readonly misses: BySeat<boolean>
  /** Results that wait for the round's end; null for who takes no part, or hasn't thrown. */
  readonly waiting: BySeat<number | null>
  /** Cards put away since the last shuffle. */
  readonly gone: readonly number[]
  readonly newest: Thrown | null
}

/** Throws that a turn begins with; as many as one likes is none to count. */
const throwsOf = ({ throws }: OwnRules) => (throws === 'choice' ? 0 : throws)

export function open(rules: OwnRules, seating: Pick<Seating, 'seats' | 'first'>): { state: OwnState } {
  const { seats } = seating
  const place = rules.track?.start ?? 0
  return {
    state: {
      ...openTurns(seating),
      points: everySeat(seats, rules.start),
      places: everySeat(seats, place),
      pot: 0,
      left: throwsOf(rules),
      extra: false,
      threw: false,
      began: { points: rules.start, place },
      misses: everySeat(seats, false),
      waiting: everySeat(seats, null),
      gone: [],
      newest: null,
    },
  }
}

/** Everybody's score: points, or the place. */
export const scoresOf = ({ counts }: Pick<OwnRules, 'counts'>, { points, places }: OwnState): BySeat<number> =>
  counts === 'place' ? places : points

/** Points changed by so many, down to the floor at most. */
export const changedPoints = ({ floor }: Pick<OwnRules, 'floor'>, points: number, by: number): number =>
  floor === null ? points + by : Math.max(floor, points + by)

/** The turn of the next seat begins; a round is complete where that is the first one's. */
function nextSeat(rules: OwnRules, state: OwnState): OwnState {
  const turn = seatAfter(state.turn, state.seats)
  const over = turn === state.first
  const after = over ? roundOver(rules, state) : state
  return {
    ...after,
    turn,
    round: over ? state.round + 1 : state.round,
    // Seats that are passed over don't begin a round.
    fresh: over || state.fresh,
    pot: 0,
    left: throwsOf(rules),
    extra: false,
    threw: false,
    began: { points: ofSeat(after.points, turn), place: ofSeat(after.places, turn) },
  }
}

/**
 * The turn passes, over those who are to miss one, as long as the match is not `over`: after the end nobody is passed
 * over.
 */
export function turnPassed(rules: OwnRules, state: OwnState, over: (state: OwnState) => boolean): OwnState {
  return missesPassed(rules, nextSeat(rules, state), over)
}

/** Whoever is to miss the turn that would begin now is passed over. */
export function missesPassed(rules: OwnRules, state: OwnState, over: (state: OwnState) => boolean): OwnState {
  let now = state
  while (!now.threw && ofSeat(now.misses, now.turn) && !over(now))
    now = nextSeat(rules, { ...now, misses: withSeat(now.misses, now.turn, false) })
  return now
}

/** Seats whose result of the round is best, of those who take part; empty where nobody does. */
function bestOfRound({ better, target }: OwnRules, waiting: BySeat<number | null>): number[] {
  const far = (result: number) =>
    better === 'higher' ? -result : better === 'lower' ? result : Math.abs(result - (target ?? 0))
  const results = waiting.flatMap((result, i) => (result === null ? [] : [{ seat: i + 1, far: far(result) }]))
  const least = Math.min(...results.map((each) => each.far))
  return results.filter((each) => each.far === least).map(({ seat }) => seat)
}

/** The end of a round: where the best result of it counts, it scores. */
function roundOver(rules: OwnRules, state: OwnState): OwnState {
  if (rules.scoring !== 'best-of-round') return state
  const best = bestOfRound(rules, state.waiting)
  const scoring = best.length > 1 && rules.tied === 'nobody' ? [] : best
  let { points } = state
  for (const seat of scoring) {
    const gain = rules.worth === 'one' ? 1 : (ofSeat(state.waiting, seat) ?? 0)
    points = withSeat(points, seat, changedPoints(rules, ofSeat(points, seat), gain))
  }
  return { ...state, points, waiting: everySeat(state.seats, null) }
}
