import type { NoteOf } from '#core/contract/codes'
import { ofSeat, withSeat } from '#core/kit/seats'
import type { OwnCodes } from '#core/games/own-game/codes'
import type { OwnRules, Special, Then, Way, When } from '#core/games/own-game/houseRules'
import { isOfPlace } from '#core/games/own-game/problems'
import { changedPoints, type OwnState } from '#core/games/own-game/state'
import { givenBy, moved } from '#core/games/own-game/track'

type Notes = readonly NoteOf<OwnCodes>[]

/** A throw whose result is worked out. */
interface Worked {
  readonly by: number
  readonly numbers: readonly number[]
  readonly does: Way['does']
  readonly result: number
}

/** What a throw brought: the state with the turn still to go on or pass, and whether it passes. */
interface Outcome {
  readonly state: OwnState
  readonly passes: boolean
  readonly notes: Notes
}

/** What the specials of a throw make of it. */
interface Marks {
  readonly state: OwnState
  /** What the result is multiplied by: 2 for each doubling. */
  readonly factor: number
  readonly opposite: boolean
  readonly nothing: boolean
  readonly again: boolean
  readonly ends: boolean
  /** Everything is lost, and the turn is over. */
  readonly lost: boolean
  readonly notes: Notes
}

function holdsForThrow(when: When, numbers: readonly number[], result: number): boolean {
  switch (when.is) {
    case 'same':
      return new Set(numbers).size === 1
    case 'has':
      return numbers.includes(when.n)
    case 'all':
      return numbers.every((number) => number === when.n)
    case 'result':
      return result === when.n
    case 'multiple':
      return result % when.n === 0
    case 'over':
      return result > when.n
    case 'under':
      return result < when.n
    case 'even':
      return result % 2 === 0
    case 'odd':
      return result % 2 !== 0
    default:
      return false
  }
}

function holdsForPlace(when: When, place: number, others: readonly number[]): boolean {
  if (when.is === 'on') return place === when.n
  if (when.is === 'on-multiple') return place % when.n === 0
  return when.is === 'on-other' && others.includes(place)
}

const toldOf = (by: number, { when, then }: Special): NoteOf<OwnCodes> => ({
  code: 'special',
  facts: { by, when: when.is, then: then.do, n: 'n' in then ? then.n : null },
})

/** Points given or taken: to the pot while one lies there, else to the score. */
function withPoints(rules: OwnRules, state: OwnState, by: number, points: number): OwnState {
  if (rules.throws === 'choice') return { ...state, pot: state.pot + points }
  return { ...state, points: withSeat(state.points, by, changedPoints(rules, ofSeat(state.points, by), points)) }
}

/** What holds of a turn that everything was lost in: of what came before only who is to miss a turn, and what happened to others. */
function lostAll(rules: OwnRules, state: OwnState, by: number, then: 'bust' | 'lose-all'): OwnState {
  const { points, place } = then === 'bust' ? state.began : { points: rules.start, place: rules.track?.start ?? 0 }
  return {
    ...state,
    points: withSeat(state.points, by, points),
    places: withSeat(state.places, by, place),
    pot: 0,
  }
}

/** What a special does that may stand in either list; the rest is for its own. */
function carriedOut(rules: OwnRules, marks: Marks, by: number, then: Then): Marks {
  switch (then.do) {
    case 'points':
      return { ...marks, state: withPoints(rules, marks.state, by, then.n) }
    case 'again':
      return { ...marks, again: true }
    case 'end-turn':
      return { ...marks, ends: true }
    case 'miss':
      return { ...marks, state: { ...marks.state, misses: withSeat(marks.state.misses, by, true) } }
    case 'nothing':
      return { ...marks, nothing: true }
    case 'double':
      return { ...marks, factor: marks.factor * 2 }
    case 'opposite':
      return { ...marks, opposite: !marks.opposite }
    case 'bust':
    case 'lose-all':
      return { ...marks, lost: true, state: lostAll(rules, marks.state, by, then.do) }
    default:
      return marks
  }
}

/** Step 2: the specials of the throw that hold, in their order. */
function specialsOfThrow(rules: OwnRules, state: OwnState, { by, numbers, result }: Worked): Marks {
  let marks: Marks = {
    ...{ state, factor: 1, opposite: false, nothing: false, again: false, ends: false, lost: false },
    notes: [],
  }
  for (const special of rules.specials) {
    if (isOfPlace(special) || !holdsForThrow(special.when, numbers, result)) continue
    const after = carriedOut(rules, marks, by, special.then)
    marks = { ...after, notes: [...marks.notes, toldOf(by, special)] }
    if (marks.lost) break
  }
  return marks
}

/** Step 4: the specials of the place where a move ended; which hold is seen once, before any is carried out. */
function specialsOfPlace(rules: OwnRules, marks: Marks, by: number, place: number): Marks {
  const others = marks.state.places.filter((_, i) => i + 1 !== by)
  const held = rules.specials.filter((special) => isOfPlace(special) && holdsForPlace(special.when, place, others))
  let now = marks
  for (const special of held) {
    const { then } = special
    let after = carriedOut(rules, now, by, then)
    if (then.do === 'go-to') after = { ...now, state: { ...now.state, places: withSeat(now.state.places, by, then.n) } }
    if (then.do === 'send-back') after = { ...now, state: sentBack(rules, now.state, by, place) }
    now = { ...after, notes: [...now.notes, toldOf(by, special)] }
  }
  return now
}

/** Which specials hold at a throw, in their order; `landed` is where the move ended, null where nobody moved. */
export function specialsHeld(
  { specials }: Pick<OwnRules, 'specials'>,
  { by, numbers, result }: Pick<Worked, 'by' | 'numbers' | 'result'>,
  places: OwnState['places'],
  landed: number | null,
): readonly boolean[] {
  const others = places.filter((_, i) => i + 1 !== by)
  return specials.map((special) =>
    isOfPlace(special)
      ? landed !== null && holdsForPlace(special.when, landed, others)
      : holdsForThrow(special.when, numbers, result),
  )
}

/** All others who stand at `place` go to the start. */
function sentBack({ track }: OwnRules, state: OwnState, by: number, place: number): OwnState {
  const start = track?.start ?? 0
  return { ...state, places: state.places.map((at, i) => (i + 1 !== by && at === place ? start : at)) }
}

/** Whether a change of points leads past a goal that must be reached exactly. */
function isBeyond({ reach, track, scoring, wins, goal }: OwnRules, points: number, change: number): boolean {
  if (reach !== 'exactly' || track || scoring !== 'gains' || wins === 'nearest' || goal === null) return false
  return (points - goal) * (points + change - goal) < 0
}

const beyond = ({ goal }: OwnRules, by: number, points: number): NoteOf<OwnCodes> => ({
  code: 'beyond',
  facts: { by, goal: goal ?? 0, points },
})

/** Step 3 and 4: the effect of the result, and what the place reached brings. */
function effect(rules: OwnRules, marks: Marks, { by, does, result }: Worked): Marks {
  const value = result * marks.factor
  const { state } = marks
  if (rules.scoring === 'best-of-round')
    return {
      ...marks,
      state: { ...state, waiting: withSeat(state.waiting, by, value) },
      notes: [...marks.notes, { code: 'waits', facts: { by, result: value } }],
    }
  const takes = (does === 'take') !== marks.opposite
  const change = rules.scoring === 'distance' ? Math.abs(value - (rules.target ?? 0)) : takes ? 0 - value : value
  if (rules.track) return movedBy(rules, marks, by, change)
  if (rules.throws === 'choice') {
    const pot = state.pot + change
    return { ...marks, state: { ...state, pot }, notes: [...marks.notes, { code: 'pot', facts: { by, pot } }] }
  }
  const before = ofSeat(state.points, by)
  if (isBeyond(rules, before, change)) return { ...marks, notes: [...marks.notes, beyond(rules, by, before)] }
  const points = changedPoints(rules, before, change)
  return {
    ...marks,
    state: { ...state, points: withSeat(state.points, by, points) },
    notes: [...marks.notes, { code: 'points', facts: { by, change, points } }],
  }
}

function movedBy(rules: OwnRules, marks: Marks, by: number, step: number): Marks {
  const { state } = marks
  const from = ofSeat(state.places, by)
  const to = rules.track ? moved(rules.track, from, step) : from
  if (!rules.track || to === from)
    return { ...marks, notes: [...marks.notes, { code: 'stays', facts: { by, at: from } }] }
  const gained = withPoints(rules, { ...state, places: withSeat(state.places, by, to) }, by, givenBy(rules.track, to))
  const notes: Notes = [...marks.notes, { code: 'moves', facts: { by, from, to } }]
  return specialsOfPlace(rules, { ...marks, state: gained, notes }, by, to)
}

/** Everything that a throw does to the one who threw and to others; whether the turn passes then. */
export function thrown(rules: OwnRules, before: OwnState, worked: Worked): Outcome {
  const { by, numbers, result } = worked
  const counted = { left: before.extra ? before.left : before.left - 1, extra: false, threw: true, fresh: false }
  const marks = specialsOfThrow(rules, { ...before, ...counted }, worked)
  const after = marks.lost || marks.nothing ? marks : effect(rules, marks, worked)
  const from = ofSeat(before.places, by)
  const newest = { by, numbers, result, from, to: ofSeat(after.state.places, by) }
  const state = { ...after.state, newest }
  if (after.lost) return { state, passes: true, notes: after.notes }
  const choice = rules.throws === 'choice'
  const goesOn = !after.ends && (choice || after.again || state.left > 0)
  if (goesOn) return { state: { ...state, extra: after.again && !choice }, passes: false, notes: after.notes }
  if (!choice) return { state, passes: true, notes: after.notes }
  const banked = potBanked(rules, state, by)
  return { state: banked.state, passes: true, notes: [...after.notes, ...banked.notes] }
}

/** The pot is added to the points; past a goal that must be reached exactly it is lost. */
export function potBanked(rules: OwnRules, state: OwnState, by: number): { state: OwnState; notes: Notes } {
  const before = ofSeat(state.points, by)
  const { pot } = state
  if (isBeyond(rules, before, pot)) return { state: { ...state, pot: 0 }, notes: [beyond(rules, by, before)] }
  const points = changedPoints(rules, before, pot)
  return {
    state: { ...state, points: withSeat(state.points, by, points), pot: 0 },
    notes: [{ code: 'banked', facts: { by, pot, points } }],
  }
}
