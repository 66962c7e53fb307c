import type { How } from '#core/contract/plays'
import { combined } from '#core/kit/dice'
import { changed, groupTens, showWorking, sumOf, type Equation } from '#core/contract/working'

/** How else a fact may be found: by which thought. */
export const WAY_KINDS = [
  'make-ten',
  'near-double',
  'tens-and-ones',
  'count-on',
  'add-up',
  'over-ten',
  'count-back',
  'doubling',
  'five-and-more',
  'ten-less-one',
  'skip-count',
  'turn-round',
] as const
export type WayKind = (typeof WAY_KINDS)[number]

/** One way to a fact, step by step: each step is true by itself, and the last one comes to the answer. */
export interface Way {
  readonly kind: WayKind
  readonly steps: readonly Equation[]
}

/** Steps that a child still counts along with. */
const MOST_COUNTED = 3
/** Rows that are still counted in skips. */
const MOST_SKIPS = 6

const times = (a: number, b: number): Equation => combined([a, b], 'times')
const nextTen = (value: number) => Math.ceil((value + 1) / 10) * 10
const tensOf = (value: number) => value - (value % 10)

/** The thoughts that a tag may stand for, the likeliest first. */
const TAGGED: Readonly<Partial<Record<How, readonly WayKind[]>>> = {
  'made-ten': ['make-ten', 'over-ten'],
  'near-double': ['near-double'],
  doubled: ['doubling', 'near-double'],
  'skip-counted': ['skip-count'],
  'counted-on': ['count-on', 'add-up'],
  'counted-back': ['count-back', 'over-ten'],
  'tens-and-ones': ['tens-and-ones', 'five-and-more'],
}

/** The way to a fact as it was told by its tag; undefined where its numbers do not lend themselves to that. */
export function wayTold(fact: Equation, how: How): Way | undefined {
  const ways = waysTo(fact)
  return TAGGED[how]?.flatMap((kind) => ways.find((way) => way.kind === kind) ?? [])[0]
}

/** The ways to a sum, difference or product of whole numbers of 0 or more; none to any other working. */
export function waysTo(fact: Equation): Way[] {
  // Nobody needs the fact itself for a way to it.
  return allWays(fact).filter(({ steps }) => steps.length > 1 || showWorking(steps[0]!) !== showWorking(fact))
}

function allWays({ terms, equals }: Equation): Way[] {
  const values = terms.map(({ value }) => value)
  if (values.some((value) => value < 0 || !Number.isInteger(value)) || equals < 0) return []
  const [one, other] = values
  if (one === undefined || other === undefined) return []
  const signs = terms.slice(1).map(({ sign }) => sign)
  if (signs.every((sign) => sign === '+')) return values.length === 2 ? sums(one, other) : inTens(values)
  if (values.length !== 2) return []
  return signs[0] === '-' ? differences(one, other) : products(one, other)
}

function sums(one: number, other: number): Way[] {
  const [large, small] = one >= other ? [one, other] : [other, one]
  if (small === 0) return []
  const ways: Way[] = []
  const need = nextTen(large) - large
  if (large % 10 !== 0 && need < small)
    ways.push({ kind: 'make-ten', steps: [sumOf([large, need]), sumOf([large + need, small - need])] })
  const apart = large - small
  if (small > 1 && apart === 0 && small > 5) ways.push({ kind: 'tens-and-ones', steps: byFives(small) })
  if (small > 1 && (apart === 1 || apart === 2))
    ways.push({ kind: 'near-double', steps: [sumOf([small, small]), sumOf([2 * small, apart])] })
  if (large > 10 && large % 10 !== 0) ways.push({ kind: 'tens-and-ones', steps: byPlaces(large, small) })
  if (small <= MOST_COUNTED && large > small)
    ways.push({ kind: 'count-on', steps: Array.from({ length: small }, (_, i) => sumOf([large + i, 1])) })
  return ways
}

/** 6 + 6 as two fives and what is over. */
const byFives = (each: number): Equation[] => [sumOf([5, 5]), sumOf([each - 5, each - 5]), sumOf([10, 2 * (each - 5)])]

function byPlaces(large: number, small: number): Equation[] {
  const [tens, ones] = [tensOf(large) + tensOf(small), (large % 10) + (small % 10)]
  const steps = [sumOf([large % 10, small % 10]), sumOf([tens, ones])]
  return tensOf(small) > 0 ? [sumOf([tensOf(large), tensOf(small)]), ...steps] : steps
}

/** Several numbers: those that make ten first, one group after the other. */
function inTens(values: readonly number[]): Way[] {
  const groups = groupTens(values).map((group) => [...group])
  if (groups.length === 1 || !groups.some((group) => group.length > 1 && sumOf(group).equals === 10)) return []
  const found = groups.filter((group) => group.length > 1).map((group) => sumOf(group))
  return [{ kind: 'make-ten', steps: [...found, sumOf(groups.map(total))] }]
}
const total = (group: readonly number[]) => sumOf(group).equals

function differences(from: number, away: number): Way[] {
  const answer = from - away
  if (away === 0 || answer === 0) return []
  const ways: Way[] = []
  const ten = nextTen(away)
  if (away % 10 !== 0 && ten < from)
    ways.push({
      kind: 'add-up',
      steps: [sumOf([away, ten - away]), sumOf([ten, from - ten]), sumOf([ten - away, from - ten])],
    })
  else ways.push({ kind: 'add-up', steps: [sumOf([away, answer]), changed(from, '-', away)] })
  const ones = from % 10
  if (ones > 0 && away > ones && away < 10)
    ways.push({ kind: 'over-ten', steps: [changed(from, '-', ones), changed(from - ones, '-', away - ones)] })
  if (away <= MOST_COUNTED)
    ways.push({ kind: 'count-back', steps: Array.from({ length: away }, (_, i) => changed(from - i, '-', 1)) })
  return ways
}

function products(one: number, other: number): Way[] {
  if (one < 2 || other < 2) return []
  const [small, large] = one <= other ? [one, other] : [other, one]
  const ways: Way[] = []
  const [even, kept] = small % 2 === 0 ? [small, large] : large % 2 === 0 ? [large, small] : [0, 0]
  if (even) {
    const half = times(even / 2, kept)
    ways.push({ kind: 'doubling', steps: [...(even > 2 ? [half] : []), sumOf([half.equals, half.equals])] })
  }
  if (large > 5 && large < 10)
    ways.push({
      kind: 'five-and-more',
      steps: [times(5, small), times(large - 5, small), sumOf([5 * small, (large - 5) * small])],
    })
  if (large === 9) ways.push({ kind: 'ten-less-one', steps: [times(10, small), changed(10 * small, '-', small)] })
  if (small <= MOST_SKIPS)
    ways.push({
      kind: 'skip-count',
      steps: Array.from({ length: small - 1 }, (_, i) => sumOf([large * (i + 1), large])),
    })
  if (one !== other) ways.push({ kind: 'turn-round', steps: [times(other, one)] })
  return ways
}
