import { itemAt, lastOf } from '#core/basics/lists'
import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import type { Awaits, End, Timing, Seating } from '#core/contract/game'
import { CHAINS, nextIn, type Chain } from '#core/games/last-digit-chains/chains'
import type { ChainCodes } from '#core/games/last-digit-chains/codes'
import { countsOf } from '#core/kit/pack'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { ofSeat, withSeat } from '#core/kit/seats'
import { leadOf } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'
import { sumOf } from '#core/contract/working'

export const houseRules = z.object({
  chain: z
    .enum(['short', 'long'])
    .default('short')
    .meta({
      label: 'Chain',
      hint: '36 cards in rows of nine, or 60 in rows of fifteen.',
      choices: { short: 'Short', long: 'Long' },
    }),
  fan: z
    .int()
    .min(1)
    .max(12)
    .default(4)
    .meta({ label: 'Cards in a fan', hint: 'Only the top of each is in reach. With four, most long deals get stuck.' }),
  redeals: z
    .int()
    .min(0)
    .max(11)
    .default(1)
    .meta({ label: 'Redeals', hint: 'When stuck, into fans one smaller each time.', changeable: true }),
  startsFirst: z
    .boolean()
    .default(true)
    .meta({ label: 'Starting cards first', hint: 'All eight before anything else.' }),
})
export type ChainRules = CommonRules & Readonly<z.output<typeof houseRules>>

export const defaults = ({ chain }: Readonly<Record<string, unknown>>) => (chain === 'long' ? { fan: 3 } : {})

export interface Take extends Explained {
  readonly do: 'take'
  readonly by: number
  /** From 1. */
  readonly fan: number
  readonly row: number
}
export interface Redeal extends Explained {
  readonly do: 'redeal'
  readonly by: number
  /** The new fans, bottom card first. */
  readonly fans: readonly (readonly number[])[]
}
export interface Done extends Explained {
  readonly do: 'done'
  readonly by: number
}
export type ChainPlay = Take | Redeal | Done

export const playSchema: z.ZodType<ChainPlay> = z.discriminatedUnion('do', [
  playShape('take', { by: whole, fan: whole, row: whole }),
  playShape('redeal', { by: whole, fans: listOf(listOf(whole)) }),
  playShape('done', { by: whole }),
])

/** Everybody’s fans as they lie, bottom card first. */
export interface ChainOpening {
  readonly fans: readonly (readonly (readonly number[])[])[]
}
export const openingSchema: z.ZodType<ChainOpening> = z.strictObject({
  fans: z.array(z.array(z.array(z.int()).max(100)).max(100)).max(20),
})

export interface Layout {
  readonly fans: readonly (readonly number[])[]
  readonly rows: readonly (readonly number[])[]
  /** How often the fans were dealt again. */
  readonly redealt: number
  readonly done: boolean
}
/** Everybody lays out an own pack: there are no turns. */
export interface ChainState {
  readonly seats: number
  readonly layouts: readonly Layout[]
}

export const chainOf = ({ chain }: Pick<ChainRules, 'chain'>): Chain => CHAINS[chain]

export function problems({ fan, redeals }: ChainRules): readonly CommonProblem[] {
  return redeals >= fan
    ? [problem('houseRules.redeals', 'bad-house-rule', { rule: 'redeals', value: redeals, most: fan - 1 })]
    : []
}

/** Whether cards lie in fans of `size`, the last may be smaller. */
function inFansOf(size: number, fans: readonly (readonly number[])[]): boolean {
  return fans.every((fan, i) => (i < fans.length - 1 ? fan.length === size : fan.length >= 1 && fan.length <= size))
}

/** Cards laid out in fans of `size`. */
export function toFans(cards: readonly number[], size: number): number[][] {
  return Array.from({ length: Math.ceil(cards.length / size) }, (_, i) => cards.slice(i * size, (i + 1) * size))
}

/** Copies of each digit among `cards`. */
function copiesIn(cards: readonly number[]): readonly number[] {
  const counts = countsOf(cards)
  return Array.from({ length: 10 }, (_, digit) => counts.get(digit) ?? 0)
}

export function open(
  rules: ChainRules,
  { seats }: Pick<Seating, 'seats'>,
  { fans }: ChainOpening,
): { state: ChainState } | { problems: readonly CommonProblem[] } {
  const chain = chainOf(rules)
  const found: CommonProblem[] = []
  if (fans.length !== seats) found.push(problem('opening.fans', 'bad-opening', { fans: fans.length, seats }))
  fans.forEach((given, i) => {
    const path = `opening.fans.${i}`
    const cards = given.flat()
    const stranger = cards.find((card) => card < 0 || card > 9 || chain.copies[card] === 0)
    if (stranger !== undefined) return found.push(problem(path, 'bad-opening', { card: stranger }))
    const copies = copiesIn(cards)
    const many = copies.findIndex((count, digit) => count > itemAt(chain.copies, digit))
    if (many >= 0) return found.push(problem(path, 'bad-opening', { card: many, copies: itemAt(chain.copies, many) }))
    if (cards.length !== chain.cards)
      return found.push(problem(path, 'bad-opening', { cards: cards.length, expected: chain.cards }))
    if (!inFansOf(rules.fan, given)) found.push(problem(path, 'bad-opening', { fan: rules.fan }))
  })
  if (found.length) return { problems: found }
  return {
    state: {
      seats,
      layouts: fans.map((given) => ({ fans: given, rows: chain.starts.map(() => []), redealt: 0, done: false })),
    },
  }
}

/** Cards that lie in the rows. */
export const laidIn = ({ rows }: Pick<Layout, 'rows'>): number => rows.reduce((sum, row) => sum + row.length, 0)

/** Whether every starting card lies. */
export const begun = ({ rows }: Pick<Layout, 'rows'>): boolean => rows.every((row) => row.length >= 2)

/** What each row takes now: its next digit, null where it is full or must wait for the starting cards. */
export function needs(
  rules: Pick<ChainRules, 'chain' | 'startsFirst'>,
  layout: Pick<Layout, 'rows'>,
): (number | null)[] {
  const wait = rules.startsFirst && !begun(layout)
  return layout.rows.map((row, i) => (wait && row.length >= 2 ? null : nextIn(chainOf(rules), i, row)))
}

/** Every take that would stand: fans and rows from 1. */
export function takesOf(
  rules: Pick<ChainRules, 'chain' | 'startsFirst'>,
  layout: Layout,
): { readonly fan: number; readonly row: number; readonly card: number }[] {
  const now = needs(rules, layout)
  const takes: { fan: number; row: number; card: number }[] = []
  layout.fans.forEach((fan, f) => {
    const top = fan.at(-1)
    if (top === undefined) return
    for (let r = 0; r < now.length; r++) if (now[r] === top) takes.push({ fan: f + 1, row: r + 1, card: top })
  })
  return takes
}

/** Whether any would: asked after every play. */
function hasTake(rules: ChainRules, layout: Layout): boolean {
  const now = needs(rules, layout)
  return layout.fans.some((fan) => {
    const top = fan.at(-1)
    return top !== undefined && now.includes(top)
  })
}

/** How a layout ended; null while it goes on. Never stored: a ruling of more redeals lets it go on. */
export function endOf(rules: ChainRules, layout: Layout): 'complete' | 'stuck' | 'done' | null {
  if (laidIn(layout) === chainOf(rules).cards) return 'complete'
  if (layout.done) return 'done'
  return layout.redealt >= rules.redeals && !hasTake(rules, layout) ? 'stuck' : null
}

export function timing(rules: ChainRules, state: ChainState, play: ChainPlay): Timing {
  return endOf(rules, ofSeat(state.layouts, play.by)) === null ? 'now' : 'not-now'
}

export function judge(rules: ChainRules, state: ChainState, play: ChainPlay): GameVerdict<ChainState, ChainCodes> {
  const layout = ofSeat(state.layouts, play.by)
  if (play.do === 'take') return judgeTake(rules, state, layout, play)
  if (play.do === 'redeal') return judgeRedeal(rules, state, layout, play)
  return stands(rules, state, play.by, { ...layout, done: true }, [])
}

function judgeTake(
  rules: ChainRules,
  state: ChainState,
  layout: Layout,
  { by, fan, row }: Take,
): GameVerdict<ChainState, ChainCodes> {
  const chain = chainOf(rules)
  const from = layout.fans[fan - 1]
  const onto = layout.rows[row - 1]
  if (!from) return refuse('no-such-fan', { fan, fans: layout.fans.length })
  if (!onto) return refuse('no-such-row', { row, rows: layout.rows.length })
  const card = from.at(-1)
  if (card === undefined) return refuse('fan-empty', { fan })
  const next = nextIn(chain, row - 1, onto)
  if (next === null) return refuse('row-full', { row })
  if (rules.startsFirst && onto.length >= 2 && !begun(layout))
    return refuse('starts-first', { row, missing: layout.rows.filter((other) => other.length < 2).length })
  const two = onto.length < 2 ? null : [onto.at(-2)!, lastOf(onto)]
  const working = two ? [sumOf(two)] : []
  if (next !== card)
    return refuse('not-the-next', { card, row, next, two, sum: two && itemAt(two, 0) + itemAt(two, 1) }, working)
  const after: Layout = {
    ...layout,
    fans: layout.fans.map((other, i) => (i === fan - 1 ? other.slice(0, -1) : other)),
    rows: layout.rows.map((other, i) => (i === row - 1 ? [...other, card] : other)),
  }
  const note: NoteOf<ChainCodes> = { code: 'taken', facts: { by, card, row, left: chain.cards - laidIn(after) } }
  return { ...stands(rules, state, by, after, [note]), working, asks: { explanation: true } }
}

/** How many cards a fan has after the next redeal. */
export const nextFan = ({ fan }: Pick<ChainRules, 'fan'>, { redealt }: Pick<Layout, 'redealt'>) => fan - redealt - 1

function judgeRedeal(
  rules: ChainRules,
  state: ChainState,
  layout: Layout,
  { by, fans }: Redeal,
): GameVerdict<ChainState, ChainCodes> {
  if (layout.redealt >= rules.redeals) return refuse('no-redeals-left', { redeals: rules.redeals })
  const open = takesOf(rules, layout)
  if (open.length) return refuse('not-stuck', { ...open[0] })
  const size = nextFan(rules, layout)
  if (!inFansOf(size, fans)) return refuse('wrong-fan-size', { size })
  const rest = layout.fans.flat()
  const [given, expected] = [fans.flat(), rest]
  const [left, right] = [countsOf(given), countsOf(expected)]
  const differs = [...new Set([...given, ...expected])]
    .sort((a, b) => a - b)
    .find((card) => (left.get(card) ?? 0) !== (right.get(card) ?? 0))
  if (differs !== undefined)
    return refuse('cards-differ', { card: differs, given: left.get(differs) ?? 0, expected: right.get(differs) ?? 0 })
  const after: Layout = { ...layout, fans, redealt: layout.redealt + 1 }
  return stands(rules, state, by, after, [{ code: 'redealt', facts: { by, fans: fans.length, size } }])
}

function stands(
  rules: ChainRules,
  state: ChainState,
  by: number,
  layout: Layout,
  notes: readonly NoteOf<ChainCodes>[],
) {
  const why = endOf(rules, layout)
  const left = chainOf(rules).cards - laidIn(layout)
  const stuck = !why && !takesOf(rules, layout).length
  const more: NoteOf<ChainCodes>[] = why
    ? [{ code: 'layout-ended', facts: { by, why, left } }]
    : stuck
      ? [{ code: 'stuck', facts: { by, size: nextFan(rules, layout) } }]
      : []
  const next: ChainState = { seats: state.seats, layouts: withSeat(state.layouts, by, layout) }
  return { stands: true as const, next, working: [], notes: [...notes, ...more] }
}

export function awaits(rules: ChainRules, state: ChainState): Awaits {
  const seats = state.layouts.flatMap((layout, i) => (endOf(rules, layout) === null ? [i + 1] : []))
  return { seats, plays: ['take', 'redeal', 'done'] }
}

/** Cards that each has left. */
export function standing(rules: ChainRules, { layouts }: ChainState): readonly number[] {
  return layouts.map((layout) => chainOf(rules).cards - laidIn(layout))
}

export const lead = (rules: ChainRules, state: ChainState): End =>
  leadOf(standing(rules, state), 'fewest-left', 'fewest')

export function end(rules: ChainRules, state: ChainState): End | null {
  return state.layouts.every((layout) => endOf(rules, layout) !== null) ? lead(rules, state) : null
}
