import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import { total } from '#core/kit/dice'
import type { Awaits, End, Judging, Timing, Seating } from '#core/contract/game'
import type { RoofCodes } from '#core/games/roof-tiles/codes'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import {
  canTurn,
  endOf,
  hopelessCard,
  isFinished,
  inReach,
  isCovered,
  leftOn,
  placeOf,
  stockOf,
  tileAt,
  tilesIn,
  type Layout,
} from '#core/games/roof-tiles/layout'
import { countOf, facesOf, inPack, packProblems, packSize, refuseCards, restOf, without } from '#core/kit/pack'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { randomFor } from '#core/basics/random'
import { ofSeat, withSeat } from '#core/kit/seats'
import { leadOf } from '#core/kit/turns'
import { refuse, refuseBelief, type GameVerdict } from '#core/contract/verdict'
import { groupTens, sumOf } from '#core/contract/working'

export interface TakePlay extends Explained {
  readonly do: 'take'
  readonly by: number
  /** Row and place of each tile, from 1. */
  readonly tiles: readonly (readonly [number, number])[]
  readonly turned?: true
}
export interface TurnPlay extends Explained {
  readonly do: 'turn'
  readonly by: number
  readonly card: number
}
export interface DonePlay extends Explained {
  readonly do: 'done'
  readonly by: number
}
/** What is left, said by the child. */
export interface CountPlay extends Explained {
  readonly do: 'count'
  readonly by: number
  readonly said: number
}
export type RoofPlay = TakePlay | TurnPlay | DonePlay | CountPlay

export const playSchema: z.ZodType<RoofPlay> = z.discriminatedUnion('do', [
  playShape('take', { by: whole, tiles: listOf(z.tuple([whole, whole])), turned: z.literal(true).optional() }),
  playShape('turn', { by: whole, card: whole }),
  playShape('done', { by: whole }),
  playShape('count', { by: whole, said: whole }),
])

/** For each seat the rows from the top, as they lie. */
export interface RoofOpening {
  readonly layouts: readonly (readonly (readonly number[])[])[]
}
export const openingSchema: z.ZodType<RoofOpening> = z.strictObject({ layouts: listOf(listOf(listOf(whole))) })

export interface RoofState {
  readonly seats: number
  readonly layouts: readonly Layout[]
}

export function problems({ target, pack, rows }: RoofRules): readonly CommonProblem[] {
  const small = packProblems(tilesIn(rows), packSize(pack))
  if (small.length) return small
  const reach = facesOf(pack).some(
    (card) => card === target || (inPack(pack, target - card) && (target !== 2 * card || pack.copies > 1)),
  )
  return reach ? [] : [problem('houseRules.target', 'target-out-of-reach', { target })]
}

export function open(rules: RoofRules, { seats, source, seed }: Seating, { layouts }: RoofOpening) {
  const problems: CommonProblem[] = []
  const bad = (path: string, facts: Record<string, unknown>) => problems.push(problem(path, 'bad-opening', facts))
  if (layouts.length !== seats) bad('opening.layouts', { layouts: layouts.length, seats })
  layouts.forEach((given, i) => {
    const path = `opening.layouts.${i}`
    const odd = given.findIndex((row, r) => row.length !== r + 1)
    if (given.length !== rules.rows) return bad(path, { rows: given.length, expected: rules.rows })
    if (odd >= 0) return bad(`${path}.${odd}`, { row: odd + 1, tiles: itemAt(given, odd).length })
    const cards = given.flat()
    const stranger = cards.find((card) => !inPack(rules.pack, card))
    if (stranger !== undefined) return bad(path, { card: stranger })
    const many = cards.find((card) => countOf(cards, card) > rules.pack.copies)
    if (many !== undefined) bad(path, { card: many, copies: rules.pack.copies })
  })
  if (problems.length) return { problems }
  const state: RoofState = {
    seats,
    layouts: layouts.map((given, i) => {
      const cards = given.flat()
      const order =
        source === 'dealt' ? randomFor(String(seed), 'stock', i + 1).shuffled(restOf(rules.pack, cards)) : null
      return {
        cards,
        gone: cards.map(() => false),
        unseen: packSize(rules.pack) - cards.length,
        known: null,
        pile: [],
        used: [],
        newest: false,
        pass: 1,
        done: false,
        counted: null,
        order,
      }
    }),
  }
  return { state }
}

/** What is left is counted only where that was agreed. */
export const misshapen = ({ countLeft }: RoofRules, play: RoofPlay) =>
  play.do === 'count' && !countLeft ? { field: 'do' } : null

export function timing(rules: RoofRules, state: RoofState, play: RoofPlay): Timing {
  const layout = ofSeat(state.layouts, play.by)
  const ended = endOf(rules, layout) !== null
  return play.do === 'count' ? (ended && !layout.counted ? 'now' : 'not-now') : ended ? 'not-now' : 'now'
}

export function judge(
  rules: RoofRules,
  state: RoofState,
  play: RoofPlay,
  judging: Judging,
): GameVerdict<RoofState, RoofCodes> {
  const layout = ofSeat(state.layouts, play.by)
  if (play.do === 'take') return judgeTake(rules, state, layout, play)
  if (play.do === 'turn') return judgeTurn(rules, state, layout, play, judging)
  if (play.do === 'count') return judgeCount(rules, state, layout, play.by)
  return stands(rules, state, play.by, { ...layout, done: true }, [], [])
}

function judgeTake(
  rules: RoofRules,
  state: RoofState,
  layout: Layout,
  { by, tiles, turned }: TakePlay,
): GameVerdict<RoofState, RoofCodes> {
  const at = tiles.map(([row, position]) => tileAt(rules.rows, row, position))
  const fault = (test: (tile: number, i: number) => boolean) => {
    const found = at.findIndex(test)
    return found < 0 ? null : { row: itemAt(tiles, found)[0], place: itemAt(tiles, found)[1] }
  }
  const missing = fault((tile) => tile < 0)
  if (missing) return refuse('no-such-tile', { ...missing, rows: rules.rows })
  const gone = fault((tile, i) => itemAt(layout.gone, tile) || at.indexOf(tile) !== i)
  if (gone) return refuse('already-gone', gone)
  const covered = fault((tile) => isCovered(rules.rows, layout.gone, tile))
  if (covered) return refuse('covered', covered)
  if (at.length + (turned ? 1 : 0) > 2) return refuse('too-many-tiles', { count: at.length + (turned ? 1 : 0) })
  const top = inReach(rules, layout)
  if (turned && top === undefined) return refuse('nothing-turned', { by })
  const values = [...at.map((tile) => itemAt(layout.cards, tile)), ...(turned ? [top!] : [])]
  const working = [sumOf(values)]
  if (total(values) !== rules.target)
    return refuse('wrong-total', { cards: values, sum: total(values), target: rules.target }, working)
  const taken = layout.gone.slice()
  for (const tile of at) taken[tile] = true
  const next: Layout = turned
    ? { ...layout, gone: taken, pile: layout.pile.slice(0, -1), used: [...layout.used, top!], newest: false }
    : { ...layout, gone: taken }
  return stands(
    rules,
    state,
    by,
    next,
    working,
    [{ code: 'taken', facts: { by, cards: values, left: taken.filter((off) => !off).length } }],
    true,
  )
}

function judgeTurn(
  rules: RoofRules,
  state: RoofState,
  layout: Layout,
  { by, card }: TurnPlay,
  { overrule }: Judging,
): GameVerdict<RoofState, RoofCodes> {
  if (!canTurn(rules, layout)) return refuse('stock-empty', { by, passes: rules.passes })
  // The turned pile becomes the stock again, in the same order.
  const again = stockOf(layout) === 0
  const from: Layout = again
    ? { ...layout, known: layout.pile, pile: [], newest: false, pass: layout.pass + 1, unseen: 0 }
    : layout
  const lying = from.known ? [] : [...from.cards, ...from.pile, ...from.used]
  const badCard = refuseCards(rules.pack, lying, [card], overrule)
  if (badCard) return badCard
  if (from.known && from.known[0] !== card && !overrule)
    return refuseBelief('seen-different', { card, seen: from.known[0] })
  const next: Layout = {
    cards: from.cards,
    gone: from.gone,
    unseen: from.known ? 0 : from.unseen - 1,
    known: from.known ? from.known.slice(1) : null,
    pile: [...from.pile, card],
    used: from.used,
    newest: true,
    pass: from.pass,
    done: false,
    counted: null,
    order:
      from.order && !from.known
        ? from.order.includes(card)
          ? without(from.order, card)
          : from.order.slice(1)
        : from.order,
  }
  return stands(rules, state, by, next, [], [{ code: 'turned', facts: { by, card, stock: stockOf(next), again } }])
}

function judgeCount(rules: RoofRules, state: RoofState, layout: Layout, by: number): GameVerdict<RoofState, RoofCodes> {
  const left = leftOn(layout)
  const counted: Layout = { ...layout, counted: endOf(rules, layout) }
  return {
    stands: true,
    next: { seats: state.seats, layouts: withSeat(state.layouts, by, counted) },
    working: left.length > 1 ? [sumOf(groupTens(left).flat())] : [],
    notes: [{ code: 'counted', facts: { by, left: total(left), groups: groupTens(left) } }],
    asks: { answer: total(left) },
  }
}

function stands(
  rules: RoofRules,
  state: RoofState,
  by: number,
  layout: Layout,
  working: readonly ReturnType<typeof sumOf>[],
  notes: readonly NoteOf<RoofCodes>[],
  explanation = false,
): GameVerdict<RoofState, RoofCodes> {
  const before = ofSeat(state.layouts, by)
  const more: NoteOf<RoofCodes>[] = []
  const why = endOf(rules, layout)
  if (why) {
    const left = leftOn(layout)
    more.push({ code: 'layout-ended', facts: { by, why, left: total(left), groups: groupTens(left) } })
  } else {
    const card = hopelessCard(rules, layout)
    if (card !== null && hopelessCard(rules, before) === null)
      more.push({ code: 'cannot-clear', facts: { by, card, partner: rules.target - card } })
  }
  const next: RoofState = { seats: state.seats, layouts: withSeat(state.layouts, by, layout) }
  return {
    stands: true,
    next,
    working,
    notes: more.length ? [...notes, ...more] : notes,
    asks: explanation ? { explanation: true } : undefined,
  }
}

export function awaits(rules: RoofRules, state: RoofState): Awaits {
  const going = state.layouts.flatMap((layout, i) => (isFinished(rules, layout) ? [] : [i + 1]))
  const counts = going.filter((seat) => endOf(rules, ofSeat(state.layouts, seat)) !== null)
  const plays = counts.length === going.length ? [] : ['take', 'turn', 'done']
  return { seats: going, plays: counts.length ? [...plays, 'count'] : plays }
}

export function standing(_rules: RoofRules, state: RoofState): readonly number[] {
  return state.layouts.map((layout) => total(leftOn(layout)))
}

export function lead(rules: RoofRules, state: RoofState): End {
  return leadOf(standing(rules, state), 'least-left', 'fewest')
}

export function end(rules: RoofRules, state: RoofState): End | null {
  return state.layouts.every((layout) => isFinished(rules, layout)) ? lead(rules, state) : null
}

/** A roof as it is entered: rows from the top. */
export function toRows(cards: readonly number[]): number[][] {
  const rows: number[][] = []
  cards.forEach((card, tile) => (rows[placeOf(tile)[0] - 1] ??= []).push(card))
  return rows
}
