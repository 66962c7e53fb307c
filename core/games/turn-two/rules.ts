import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import type { CommonRules } from '#core/contract/commonRules'
import type { Awaits, End, Judging, Timing, Seating } from '#core/contract/game'
import type { PairCodes } from '#core/games/turn-two/codes'
import { holdsMatch, matchOf, withHidden } from '#core/games/turn-two/matching'
import { cardsOf, packProblems, packRule, packSize, refuseCards, restOf, type Pack } from '#core/kit/pack'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { randomFor } from '#core/basics/random'
import { everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { awarded, inTurn, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { refuse, refuseBelief, type GameVerdict } from '#core/contract/verdict'

export const houseRules = z.object({
  target: z.int().min(0).max(300).default(10).meta({ label: 'Target', hint: 'What the cards turned must make.' }),
  pack: packRule({ low: 0, high: 10, copies: 4 }, 'With zeros the ten has a partner. An easier school: 5 with 0 to 5.'),
  layout: z
    .union([z.int().min(2).max(100), z.literal('all')])
    .default(12)
    .meta({
      label: 'Cards laid out',
      hint: 'So many places; the rest is the stock.',
      choices: { all: 'All' },
      suggest: 12,
    }),
  perTurn: z
    .literal([2, 3])
    .default(2)
    .meta({ label: 'Turned in a turn', hint: 'How many cards each time.', choices: { 2: 'Two', 3: 'Three' } }),
  signs: z
    .enum(['add', 'add-subtract'])
    .default('add')
    .meta({
      label: 'Signs',
      hint: 'Taking away needs three cards.',
      choices: { add: 'Only add', 'add-subtract': 'Add and take away' },
    }),
  refill: z.boolean().default(true).meta({
    label: 'Fill empty places',
    hint: 'From the stock, the lowest place first. Without it the stock is not used.',
  }),
  again: z
    .boolean()
    .default(false)
    .meta({ label: 'Again after a match', hint: 'Whoever keeps cards turns once more.', changeable: true }),
})
export type PairRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Turn extends Explained {
  readonly do: 'turn'
  readonly by: number
  /** Places from 1. */
  readonly at: readonly number[]
  readonly cards: readonly number[]
}
export interface Relay extends Explained {
  readonly do: 'relay'
}
export type PairPlay = Turn | Relay

export const playSchema: z.ZodType<PairPlay> = z.discriminatedUnion('do', [
  playShape('turn', { by: whole, at: listOf(whole), cards: listOf(whole) }),
  playShape('relay', {}),
])

export interface PairState extends Turns {
  /** By place: whether a card lies there, and what was seen there since it was laid. */
  readonly places: readonly { readonly lies: boolean; readonly seen: number | null }[]
  readonly stock: number
  /** Cards that were kept. */
  readonly gone: readonly number[]
  /** Cards kept by seat, awards included. */
  readonly kept: readonly number[]
  /** The newest turn: a match, or the places that were turned and lie face down again. */
  readonly newest: { readonly at: readonly number[]; readonly match: boolean } | null
  /** In a dealt match: what really lies at each place, the stock (next first), and what a relay is shuffled by. */
  readonly dealt: {
    readonly lie: readonly (number | null)[]
    readonly order: readonly number[]
    readonly seed: string
    readonly relays: number
  } | null
}

/** How many places are laid out. */
export const placesOf = ({ layout, pack }: { readonly layout: PairRules['layout']; readonly pack: Pack }) =>
  layout === 'all' ? packSize(pack) : layout

export function problems(rules: PairRules): readonly CommonProblem[] {
  const { signs, perTurn, layout, pack } = rules
  if (signs === 'add-subtract' && perTurn !== 3)
    return [problem('houseRules.signs', 'bad-house-rule', { rule: 'signs', value: signs })]
  const places = placesOf(rules)
  if (places > packSize(pack)) return packProblems(places, packSize(pack))
  if (places < perTurn)
    return [problem('houseRules.layout', 'bad-house-rule', { rule: 'layout', value: layout, least: perTurn })]
  return holdsMatch(rules, cardsOf(pack))
    ? []
    : [problem('houseRules.target', 'target-out-of-reach', { target: rules.target })]
}

export function open(rules: PairRules, seating: Seating): { state: PairState } {
  const places = placesOf(rules)
  const all = cardsOf(rules.pack)
  const seed = String(seating.seed)
  const cards = seating.source === 'dealt' ? randomFor(seed, 'layout').shuffled(all) : null
  return {
    state: {
      ...openTurns(seating),
      places: Array.from({ length: places }, () => ({ lies: true, seen: null })),
      stock: all.length - places,
      gone: [],
      kept: everySeat(seating.seats, 0),
      newest: null,
      dealt: cards && { lie: cards.slice(0, places), order: cards.slice(places), seed, relays: 0 },
    },
  }
}

export const timing = (_rules: PairRules, state: PairState, play: PairPlay): Timing =>
  play.do === 'relay' ? 'now' : inTurn(state, play)

/** The cards seen at places other than `at`, since all were laid. */
export function seenElsewhere({ places }: Pick<PairState, 'places'>, at: readonly number[] = []): number[] {
  const cards: number[] = []
  for (let i = 0; i < places.length; i++) {
    const { lies, seen } = itemAt(places, i)
    if (lies && seen !== null && !at.includes(i + 1)) cards.push(seen)
  }
  return cards
}

export function judge(
  rules: PairRules,
  state: PairState,
  play: PairPlay,
  { overrule }: Judging,
): GameVerdict<PairState, PairCodes> {
  return play.do === 'turn' ? judgeTurn(rules, state, play, overrule) : judgeRelay(rules, state)
}

function judgeTurn(
  rules: PairRules,
  state: PairState,
  { by, at, cards }: Turn,
  overrule: boolean,
): GameVerdict<PairState, PairCodes> {
  const badCard = refuseCards(rules.pack, [...state.gone, ...seenElsewhere(state, at)], cards, overrule)
  if (badCard) return badCard
  const { perTurn } = rules
  if (at.length !== perTurn || cards.length !== perTurn)
    return refuse('wrong-count', { places: at.length, cards: cards.length, perTurn })
  const twice = at.find((place, i) => at.indexOf(place) !== i)
  if (twice !== undefined) return refuse('same-place', { place: twice })
  const bare = at.find((place) => !state.places[place - 1]?.lies)
  if (bare !== undefined) return refuse('empty-place', { place: bare, places: state.places.length })
  for (const [i, place] of at.entries()) {
    const { seen } = itemAt(state.places, place - 1)
    if (seen !== null && seen !== cards[i] && !overrule)
      return refuseBelief('seen-different', { place, seen, card: cards[i] })
  }
  const match = matchOf(rules, cards)
  const turned = state.places.map((spot, i) =>
    at.includes(i + 1) ? { lies: true, seen: itemAt(cards, at.indexOf(i + 1)) } : spot,
  )
  if (!match) {
    const next: PairState = { ...state, ...passTurn(state), places: turned, newest: { at, match: false } }
    return {
      stands: true,
      next,
      working: [],
      notes: [
        {
          code: 'missed',
          facts: { by, cards, target: rules.target, sum: cards.reduce((a, b) => a + b, 0), signs: rules.signs },
        },
      ],
    }
  }
  const kept = withSeat(state.kept, by, ofSeat(state.kept, by) + cards.length)
  const taken: PairState = {
    ...state,
    ...(rules.again ? { fresh: false } : passTurn(state)),
    gone: [...state.gone, ...cards],
    kept,
    newest: { at, match: true },
  }
  const next = refilled(rules, { ...taken, places: turned }, at)
  return {
    stands: true,
    next,
    working: [match],
    notes: [
      {
        code: 'kept',
        facts: { by, cards, kept: ofSeat(kept, by), again: rules.again, filled: state.stock - next.stock },
      },
    ],
    asks: { explanation: true },
  }
}

/** The layout once the cards at `at` are taken: filled from the stock, the lowest place first. */
function refilled({ refill }: PairRules, state: PairState, at: readonly number[]): PairState {
  const filled = refill ? Math.min(state.stock, at.length) : 0
  const low = [...at].sort((a, b) => a - b).slice(0, filled)
  const places = state.places.map((spot, i) => (at.includes(i + 1) ? { lies: low.includes(i + 1), seen: null } : spot))
  const { dealt } = state
  return {
    ...state,
    places,
    stock: state.stock - filled,
    dealt: dealt && {
      ...dealt,
      lie: dealt.lie.map((card, i) =>
        at.includes(i + 1) ? (low.includes(i + 1) ? itemAt(dealt.order, low.indexOf(i + 1)) : null) : card,
      ),
      order: dealt.order.slice(filled),
    },
  }
}

/** Why the layout may not be laid out again; null where it may: all is seen, nothing in it matches, and the stock would help. */
export function notStuck(rules: PairRules, state: PairState): 'unseen' | 'match' | 'no-help' | null {
  const lying = state.places.filter(({ lies }) => lies)
  if (lying.some(({ seen }) => seen === null)) return 'unseen'
  if (holdsMatch(rules, seenElsewhere(state))) return 'match'
  return rules.refill && state.stock > 0 && holdsMatch(rules, restOf(rules.pack, state.gone)) ? null : 'no-help'
}

function judgeRelay(rules: PairRules, state: PairState): GameVerdict<PairState, PairCodes> {
  const why = notStuck(rules, state)
  if (why)
    return refuse('not-stuck', { why, unseen: state.places.filter(({ lies, seen }) => lies && seen === null).length })
  const inPlay = state.stock + state.places.filter(({ lies }) => lies).length
  const laid = Math.min(inPlay, state.places.length)
  const { dealt } = state
  const cards =
    dealt &&
    randomFor(dealt.seed, 'relay', dealt.relays).shuffled([
      ...dealt.lie.filter((card) => card !== null),
      ...dealt.order,
    ])
  const next: PairState = {
    ...state,
    places: state.places.map((_, i) => ({ lies: i < laid, seen: null })),
    stock: inPlay - laid,
    newest: null,
    dealt: dealt &&
      cards && {
        ...dealt,
        lie: state.places.map((_, i) => cards[i] ?? null),
        order: cards.slice(laid),
        relays: dealt.relays + 1,
      },
  }
  return { stands: true, next, working: [], notes: [{ code: 'laid-again', facts: { laid, stock: next.stock } }] }
}

export function awaits(rules: PairRules, state: PairState): Awaits {
  return { seats: [state.turn], plays: notStuck(rules, state) === null ? ['turn', 'relay'] : ['turn'] }
}

export const lead = (_rules: PairRules, { kept }: PairState): End => leadOf(kept, 'most-cards')

/** Whether a match may still come, from what is known: of all cards in play, or of the layout where the stock is not used. */
export function mayMatch(rules: PairRules, state: PairState): boolean {
  const rest = restOf(rules.pack, state.gone)
  if (rules.refill) return holdsMatch(rules, rest) !== null
  if (state.dealt)
    return (
      holdsMatch(
        rules,
        state.dealt.lie.filter((card) => card !== null),
      ) !== null
    )
  const seen = seenElsewhere(state)
  const unseen = state.places.filter((spot) => spot.lies && spot.seen === null).length
  if (!unseen) return holdsMatch(rules, seen) !== null
  // Any of the cards that nobody has seen may lie at the places not yet turned, but no more than there are places.
  const hidden = restOf(rules.pack, [...state.gone, ...seen])
  return withHidden(rules, seen, hidden, Math.min(unseen, rules.perTurn))
}

export function end(rules: PairRules, state: PairState): End | null {
  return mayMatch(rules, state) ? null : leadOf(state.kept, 'no-match-left')
}

export function award(_rules: PairRules, state: PairState, seat: number, points: number): PairState {
  return { ...state, kept: awarded(state.kept, seat, points) }
}
