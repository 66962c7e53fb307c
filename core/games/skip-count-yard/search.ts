import { itemAt } from '#core/basics/lists'
import {
  isCorner,
  nextOn,
  POSITIONS,
  whyNot,
  type Position,
  type Run,
  type Yard,
  atEach,
} from '#core/games/skip-count-yard/yard'
import { without } from '#core/kit/pack'

/** One step of a turn: a card added, or cards moved. */
export type Step =
  | { readonly do: 'add'; readonly card: number; readonly to: Position }
  | { readonly do: 'move'; readonly from: Position; readonly to: Position; readonly count: number }

export interface Found {
  /** The steps that play the most cards; none where no card can be played. */
  readonly steps: readonly Step[]
  /** How many cards of the hand they play. */
  readonly cards: number
  /** Whether more is certainly not possible: false where the search was stopped. */
  readonly finished: boolean
  /** Yards looked at. */
  readonly states: number
}

/** What may come next at every place: worked out once a yard. */
type Nexts = Readonly<Record<Position, ReturnType<typeof nextOn>>>
const nextsOf = (sets: readonly number[], yard: Yard) => atEach((at) => nextOn(sets, yard[at], isCorner(at)))

/** Every card of `hand` that can be added at once, and where. */
export function singleAdds(
  sets: readonly number[],
  yard: Yard,
  hand: readonly number[],
  nexts = nextsOf(sets, yard),
): { readonly card: number; readonly to: Position }[] {
  const adds: { card: number; to: Position }[] = []
  for (const card of new Set(hand))
    for (const to of POSITIONS) if (whyNot(sets, yard[to], to, [card], nexts[to]) === null) adds.push({ card, to })
  return adds
}

/** What may come next at each place that is not bare. */
export function comingNext(
  sets: readonly number[],
  yard: Yard,
): { readonly at: Position; readonly next: ReturnType<typeof nextOn> }[] {
  return POSITIONS.flatMap((at) => (yard[at].length ? [{ at, next: nextOn(sets, yard[at], isCorner(at)) }] : []))
}

const ASK_EVERY = 512

/** Two yards with the same runs on sides and in corners, in any order, are one; so are hands in any order. */
function keyOf(yard: Yard, hand: readonly number[]): string {
  const code = (run: Run) =>
    run.length === 0
      ? 0
      : itemAt(run, 0) * 200 + (run.length > 1 ? itemAt(run, 1) - itemAt(run, 0) : 0) * 16 + run.length
  const codes = POSITIONS.map((at) => code(yard[at]))
  const sides = codes.slice(0, 4).sort((a, b) => a - b)
  const corners = codes.slice(4).sort((a, b) => a - b)
  return String.fromCharCode(...sides, 0xffff, ...corners, 0xffff, ...hand)
}

interface Node {
  readonly yard: Yard
  /** Rising. */
  readonly hand: readonly number[]
  readonly before: Node | null
  readonly step: Step | null
  readonly moves: number
}

/**
 * The steps of one turn that play the most cards of `hand`, adding and moving: yards that can be reached are looked at
 * once each, those with fewer cards left in hand first, then those reached with fewer moves. `tail` is whether upper
 * parts of runs may move. Stops when the hand is empty, and when `goOn` says no.
 */
export function mostCards(
  sets: readonly number[],
  yard: Yard,
  hand: readonly number[],
  tail: boolean,
  goOn: () => boolean = () => true,
): Found {
  const start: Node = { yard, hand: [...hand].sort((a, b) => a - b), before: null, step: null, moves: 0 }
  // Buckets by cards left in hand, then by moves made: the next is always the first of the lowest that holds any.
  const buckets: Node[][][] = Array.from({ length: hand.length + 1 }, () => [])
  const seen = new Set<string>()
  let best = start
  let states = 0
  let stopped = false

  function push(node: Node): void {
    const key = keyOf(node.yard, node.hand)
    if (seen.has(key)) return
    seen.add(key)
    if (node.hand.length < best.hand.length || (node.hand.length === best.hand.length && node.moves < best.moves))
      best = node
    ;(itemAt(buckets, node.hand.length)[node.moves] ??= []).push(node)
  }
  function pop(): Node | undefined {
    for (const byMoves of buckets) {
      for (let moves = 0; moves < byMoves.length; moves++) {
        const node = byMoves[moves]?.pop()
        if (node) return node
      }
      byMoves.length = 0
    }
    return undefined
  }

  push(start)
  for (let node = pop(); node && best.hand.length > 0; node = pop()) {
    if (++states % ASK_EVERY === 0 && !goOn()) {
      stopped = true
      break
    }
    const nexts = nextsOf(sets, node.yard)
    for (const { card, to } of singleAdds(sets, node.yard, node.hand, nexts))
      push({
        yard: { ...node.yard, [to]: [...node.yard[to], card] },
        hand: without(node.hand, card),
        before: node,
        step: { do: 'add', card, to },
        moves: node.moves,
      })
    for (const step of movesIn(sets, node.yard, tail, nexts)) {
      const run = node.yard[step.from]
      const cut = run.length - step.count
      push({
        yard: { ...node.yard, [step.from]: run.slice(0, cut), [step.to]: [...node.yard[step.to], ...run.slice(cut)] },
        hand: node.hand,
        before: node,
        step,
        moves: node.moves + 1,
      })
    }
  }
  const steps: Step[] = []
  for (let node: Node | null = best; node?.step; node = node.before) steps.unshift(node.step)
  return { steps, cards: hand.length - best.hand.length, finished: !stopped, states }
}

/** Moves that change what may be added: a bare side is one as good as another, and a whole run gains nothing on it. */
function movesIn(sets: readonly number[], yard: Yard, tail: boolean, nexts: Nexts): Extract<Step, { do: 'move' }>[] {
  const moves: Extract<Step, { do: 'move' }>[] = []
  for (const from of POSITIONS) {
    const run = yard[from]
    for (let count = tail ? 1 : run.length; count >= 1 && count <= run.length; count++) {
      const cards = run.slice(run.length - count)
      const all = count === run.length
      const tried = { side: false, corner: false }
      for (const to of POSITIONS) {
        if (to === from) continue
        const corner = isCorner(to)
        if (!yard[to].length) {
          // A whole run from one bare kind of place to another of its kind changes nothing.
          if (tried[corner ? 'corner' : 'side'] || (all && isCorner(from) === corner)) continue
          tried[corner ? 'corner' : 'side'] = true
        }
        if (whyNot(sets, yard[to], to, cards, nexts[to]) === null) moves.push({ do: 'move', from, to, count })
      }
    }
  }
  return moves
}
