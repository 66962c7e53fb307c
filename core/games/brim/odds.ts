import { itemAt } from '#core/basics/lists'
import { subsetsOf, total } from '#core/kit/dice'
import { allDice, mayRoll } from '#core/games/brim/dice'
import type { BrimRules, BrimState } from '#core/games/brim/rules'

type OddsRules = Pick<BrimRules, 'dice' | 'sides' | 'limit' | 'rolls' | 'mustFreeze'>

/** What a choice is worth when the rest of the turn is played as well as can be. */
interface Worth {
  /** The expected score of the turn, in points. */
  readonly expected: number
  /** The chance that the turn ends within the limit, 0 to 1. */
  readonly within: number
}

/** One thing that the player on turn may do now. */
export interface Choice extends Worth {
  readonly do: 'roll' | 'stop'
  /** For a further roll: the values to freeze first. */
  readonly keep: readonly number[]
}

/** Different rolls of all dice for which exact odds take seconds; some twenty times as many take minutes. */
const MOST_ROLLS = 50_000

/** Whether the exact odds under these rules can be worked out while a table waits. */
export function hasOdds({ dice, sides }: Pick<OddsRules, 'dice' | 'sides'>): boolean {
  return multisets(dice, sides) <= MOST_ROLLS
}

/** The value of every position of a turn about to be rolled; filled from the last roll back. */
interface Table {
  readonly expected: Float64Array
  readonly within: Float64Array
}

/**
 * Exact odds of a turn, computed once for a set of rules by dynamic programming over multisets of dice.
 * `about[left][loose]` holds, for every sum of the frozen dice, what rolling `loose` dice is worth when
 * `left` rolls are left, this one included, and the turn goes on by highest expectation (on equal
 * expectation, by the better chance to stay within).
 */
export class Odds {
  private readonly about: (Table | undefined)[][] = []
  private readonly leaves: (Leaf[] | undefined)[] = []

  /** Rolls looked at so far, of all that the whole table has. */
  private looked = 0
  private readonly all: number

  /** `tell` hears now and then which part is done, 0 to 1. */
  constructor(
    private readonly rules: OddsRules,
    private readonly tell: (part: number) => void = () => {},
  ) {
    const { dice, sides, rolls } = rules
    this.all = rolls * Array.from({ length: dice }, (_, i) => multisets(i + 1, sides)).reduce((a, b) => a + b, 0)
  }

  /** The worth of rolling `loose` dice beside frozen ones that sum to `frozen`, with `left` rolls left. */
  rolling(left: number, loose: number, frozen: number): Worth {
    const table = this.table(left, loose)
    return { expected: itemAt(table.expected, frozen), within: itemAt(table.within, frozen) }
  }

  /** The worth of stopping with this sum. */
  stopping(sum: number): Worth {
    return sum <= this.rules.limit ? { expected: sum, within: 1 } : { expected: 0, within: 0 }
  }

  private table(left: number, loose: number): Table {
    const row = (this.about[left] ??= [])
    return (row[loose] ??= this.computed(left, loose))
  }

  private computed(left: number, loose: number): Table {
    const { dice, sides, limit, mustFreeze } = this.rules
    const size = (dice - loose) * sides + 1
    const expected = new Float64Array(size)
    const within = new Float64Array(size)
    const lower: (Table | undefined)[] = []
    if (left > 1) for (let kept = mustFreeze; kept < loose; kept++) lower[kept] = this.table(left - 1, loose - kept)
    const most = Math.min(size - 1, limit - loose)
    this.eachLeaf(loose, (leaf) => {
      if (++this.looked % 2048 === 0) this.tell(Math.min(1, this.looked / this.all))
      // A frozen sum above `most` spills over whatever is rolled: its worth stays 0.
      for (let frozen = dice - loose; frozen <= most; frozen++) {
        const sum = frozen + leaf.sum
        let best = sum <= limit ? sum : 0
        let safe = sum <= limit ? 1 : 0
        if (left > 1)
          for (let i = 0; i < leaf.kept.length; i++) {
            const table = lower[itemAt(leaf.kept, i)]
            if (!table) continue
            const at = frozen + itemAt(leaf.keptSum, i)
            const value = itemAt(table.expected, at)
            if (value > best || (value === best && itemAt(table.within, at) > safe)) {
              best = value
              safe = itemAt(table.within, at)
            }
          }
        expected[frozen]! += leaf.chance * best
        within[frozen]! += leaf.chance * safe
      }
    })
    return { expected, within }
  }

  /** Outcomes of a small roll are kept between the layers; those of a large one would fill the memory. */
  private eachLeaf(loose: number, visit: (leaf: Leaf) => void): void {
    const { sides } = this.rules
    if (multisets(loose, sides) > 10_000) return forEachLeaf(loose, sides, visit)
    let known = this.leaves[loose]
    if (!known) {
      const found: Leaf[] = []
      forEachLeaf(loose, sides, (leaf) => found.push(leaf))
      this.leaves[loose] = known = found
    }
    known.forEach(visit)
  }
}

/** One outcome of a roll: its chance, its sum, and every distinct (count, sum) that may be frozen of it. */
interface Leaf {
  readonly chance: number
  readonly sum: number
  readonly kept: readonly number[]
  readonly keptSum: readonly number[]
}

/** How many multisets of `count` values there are out of `sides`. */
function multisets(count: number, sides: number): number {
  let ways = 1
  for (let i = 1; i <= count; i++) ways = (ways * (sides + i - 1)) / i
  return Math.round(ways)
}

function forEachLeaf(count: number, sides: number, visitLeaf: (leaf: Leaf) => void): void {
  const factorial = [1]
  for (let i = 1; i <= count; i++) factorial[i] = itemAt(factorial, i - 1) * i
  const all = itemAt(factorial, count) / sides ** count
  const stride = count * sides + 1
  // `options` grows face by face, so that equal sub-multisets are never listed twice.
  const visit = (face: number, left: number, sum: number, ways: number, options: ReadonlySet<number>) => {
    if (face === sides || left === 0) {
      const copies = left
      visitLeaf(
        leafOf(
          all / (ways * itemAt(factorial, copies)),
          sum + copies * face,
          add(options, face, copies, stride),
          stride,
        ),
      )
      return
    }
    for (let copies = 0; copies <= left; copies++)
      visit(
        face + 1,
        left - copies,
        sum + copies * face,
        ways * itemAt(factorial, copies),
        add(options, face, copies, stride),
      )
  }
  visit(1, count, 0, 1, new Set([0]))
}

function add(options: ReadonlySet<number>, face: number, copies: number, stride: number): ReadonlySet<number> {
  if (copies === 0) return options
  const more = new Set<number>()
  for (const option of options) for (let n = 0; n <= copies; n++) more.add(option + n * (stride + face))
  return more
}

function leafOf(chance: number, sum: number, options: ReadonlySet<number>, stride: number): Leaf {
  const kept: number[] = []
  const keptSum: number[] = []
  for (const option of options) {
    kept.push(Math.floor(option / stride))
    keptSum.push(option % stride)
  }
  return { chance, sum, kept, keptSum }
}

/** Positions whose best choice is kept. */
const MOST_KEPT = 50_000

/** What was worked out under one set of rules: the odds, and the best choice of the positions that were asked for. */
interface Kept {
  readonly key: string
  readonly odds: Odds
  readonly best: Map<string, Choice>
}
let newest: Kept | null = null

/** The odds under these rules; the newest are kept, since a match asks again and again. */
function keptFor(rules: OddsRules): Kept {
  const key = [rules.dice, rules.sides, rules.limit, rules.rolls, rules.mustFreeze].join()
  if (newest?.key !== key) newest = { key, odds: new Odds(rules), best: new Map() }
  return newest
}

/** The best that the player on turn may do now: bots ask in millions of turns, and meet the same dice again. */
export function bestChoice(rules: BrimRules, state: BrimState): Choice {
  const { best, odds } = keptFor(rules)
  const key = `${state.rolled} ${total(state.frozen)} ${[...state.loose].sort((a, b) => a - b).join()}`
  let found = best.get(key)
  if (!found) {
    if (best.size >= MOST_KEPT) best.clear()
    best.set(key, (found = itemAt(choices(rules, state, odds), 0)))
  }
  return found
}

/** Everything that the player on turn may do now with its exact worth, best first. */
export function choices(rules: BrimRules, state: BrimState, odds: Odds = keptFor(rules).odds): Choice[] {
  if (state.rolled === 0) return [{ do: 'roll', keep: [], ...odds.rolling(rules.rolls, rules.dice, 0) }]
  const found: Choice[] = [{ do: 'stop', keep: [], ...odds.stopping(total(allDice(state))) }]
  if (mayRoll(rules, state)) {
    const left = rules.rolls - state.rolled
    const frozen = total(state.frozen)
    for (const keep of subsetsOf(state.loose)) {
      if (keep.length < rules.mustFreeze || keep.length === state.loose.length) continue
      found.push({ do: 'roll', keep, ...odds.rolling(left, state.loose.length - keep.length, frozen + total(keep)) })
    }
  }
  return found.sort((a, b) => b.expected - a.expected || b.within - a.within)
}
