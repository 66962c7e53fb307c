import { problem, type ProblemOf } from '#core/contract/problem'
import type { OwnCodes } from '#core/games/own-game/codes'
import { bringsOf, facesOfBrings, type OwnRules, type Special, type Track } from '#core/games/own-game/houseRules'

type Found = ProblemOf<OwnCodes>

/** Numbers that a product or a number sentence takes at most. */
const MOST_NUMBERS = 6

const OF_PLACE: ReadonlySet<string> = new Set(['on', 'on-multiple', 'on-other'])
/** Whether a special looks at the place reached, and not at the throw. */
export const isOfPlace = ({ when }: Special): boolean => OF_PLACE.has(when.is)
const THROW_ONLY: ReadonlySet<string> = new Set(['nothing', 'double', 'opposite', 'bust', 'lose-all'])
const PLACE_ONLY: ReadonlySet<string> = new Set(['go-to', 'send-back'])

const onTrack = ({ from, to }: Track, place: number) => place >= from && place <= to

/** Everything that is wrong with a recipe, in the order in which the rulebook names it; bounds were checked before. */
export function problems(rules: OwnRules): Found[] {
  return [
    ...waysProblems(rules),
    ...packProblems(rules),
    ...targetProblems(rules),
    ...trackProblems(rules),
    ...specialProblems(rules),
    ...endProblems(rules),
    ...togetherProblems(rules),
  ]
}

function packProblems({ brings }: OwnRules): Found[] {
  if (brings.kind !== 'cards') return []
  const cards = (brings.pack.high - brings.pack.low + 1) * brings.pack.copies
  return brings.draw > cards ? [problem('houseRules.brings', 'pack-too-small', { dealt: brings.draw, cards })] : []
}

function waysProblems(rules: OwnRules): Found[] {
  const numbers = bringsOf(rules)
  const { low, high } = facesOfBrings(rules)
  return rules.ways.flatMap(({ makes }, i): Found[] => {
    const path = `houseRules.ways.${i}.makes`
    const digits = makes === 'number' ? low < 0 || high > 9 : makes === 'calculation' && low < 0
    const many = numbers > MOST_NUMBERS && (makes === 'product' || makes === 'calculation')
    return [
      ...(makes === 'difference' && numbers !== 2 ? [problem(path, 'needs-two', { numbers })] : []),
      ...(digits ? [problem(path, 'not-digits', { low, high })] : []),
      ...(many ? [problem(path, 'too-many-numbers', { numbers, most: MOST_NUMBERS })] : []),
    ]
  })
}

function targetProblems({ scoring, better, target, start, floor }: OwnRules): Found[] {
  const needs = scoring === 'distance' || (scoring === 'best-of-round' && better === 'nearest')
  return [
    ...(needs && target === null ? [problem('houseRules.target', 'needs-target', {})] : []),
    ...(floor !== null && start < floor ? [problem('houseRules.floor', 'bad-floor', { floor, start })] : []),
  ]
}

/** Places that a track has at most. */
const MOST_PLACES = 1000

function trackProblems({ track, counts }: OwnRules): Found[] {
  if (!track) return counts === 'place' ? [problem('houseRules.counts', 'needs-track', { rule: 'counts' })] : []
  const { from, to, start, gives } = track
  const bad = (field: string) => problem(`houseRules.track.${field}`, 'bad-track', { from, to, field })
  return [
    ...(from >= to || to > from + MOST_PLACES ? [bad('to')] : []),
    ...(onTrack(track, start) ? [] : [bad('start')]),
    ...(gives && gives.length !== to - from + 1 ? [bad('gives')] : []),
  ]
}

function specialProblems(rules: OwnRules): Found[] {
  const { specials, track } = rules
  return specials.flatMap((special, i): Found[] => {
    const path = `houseRules.specials.${i}`
    const { when, then } = special
    const place = isOfPlace(special)
    const misplaced = place ? THROW_ONLY.has(then.do) : PLACE_ONLY.has(then.do)
    const off = then.do === 'go-to' && track && !onTrack(track, then.n)
    return [
      ...(when.is === 'same' && bringsOf(rules) < 2 ? [problem(`${path}.when`, 'needs-two', { numbers: 1 })] : []),
      ...(place && !track ? [problem(`${path}.when`, 'needs-track', { rule: 'specials' })] : []),
      ...(misplaced ? [problem(`${path}.then`, 'bad-special', { when: when.is, then: then.do })] : []),
      ...(off ? [problem(`${path}.then`, 'bad-track', { from: track.from, to: track.to, field: 'go-to' })] : []),
    ]
  })
}

function endProblems(rules: OwnRules): Found[] {
  const { rounds, goal, wins, counts, track, start } = rules
  const begin = counts === 'place' ? track?.start : start
  const path = 'houseRules.goal'
  const out = goal !== null && counts === 'place' && track && !onTrack(track, goal) ? track : null
  return [
    ...(rounds === null && goal === null
      ? [{ path: 'houseRules.rounds', code: 'never-ends' as const, facts: { rule: 'rounds' } }]
      : []),
    ...(goal !== null && goal === begin && wins !== 'nearest'
      ? [{ path, code: 'bad-goal' as const, facts: { goal } }]
      : []),
    ...(out && goal !== null
      ? [{ path, code: 'goal-out-of-reach' as const, facts: { goal, from: out.from, to: out.to } }]
      : []),
    ...(wins === 'nearest' && (goal === null || rounds === null)
      ? [{ path: goal === null ? path : 'houseRules.rounds', code: 'needs-goal' as const, facts: { rule: 'wins' } }]
      : []),
  ]
}

const NOT_IN_ROUNDS: ReadonlySet<string> = new Set(['again', 'end-turn', 'miss', 'bust', 'lose-all', 'opposite'])

function togetherProblems({ scoring, track, throws, specials }: OwnRules): Found[] {
  const clash = (one: string, other: string) => [
    problem(`houseRules.${other}`, 'do-not-go-together', { rule: one, other }),
  ]
  const does = (banned: ReadonlySet<string>) => specials.some(({ then }) => banned.has(then.do))
  const rounds = scoring === 'best-of-round'
  const distance = scoring === 'distance'
  return [
    ...(rounds && track ? clash('scoring', 'track') : []),
    ...(rounds && throws !== 1 ? clash('scoring', 'throws') : []),
    ...(rounds && does(NOT_IN_ROUNDS) ? clash('scoring', 'specials') : []),
    ...(distance && track ? clash('scoring', 'track') : []),
    ...(distance && does(new Set(['opposite'])) ? clash('scoring', 'specials') : []),
    ...(distance && throws === 'choice' ? clash('scoring', 'throws') : []),
    ...(throws === 'choice' && track ? clash('throws', 'track') : []),
  ]
}
