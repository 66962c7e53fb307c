import { itemAt } from '#core/basics/lists'
import type { NoteOf } from '#core/contract/codes'
import type { Judging } from '#core/contract/game'
import type { AskCodes } from '#core/games/ask-for-rest/codes'
import { hasPartner } from '#core/games/ask-for-rest/partners'
import type { Ask, AskPlay, AskRules, AskState, Draw, Lay, Replace } from '#core/games/ask-for-rest/rules'
import { canHold, freed, giveWay, mustHold, withForgotten, withGone, withShown, type Hand } from '#core/kit/hands'
import { inPack, refuseCards, without } from '#core/kit/pack'
import { ofSeat, withSeat } from '#core/kit/seats'
import { passTurn } from '#core/kit/turns'
import { refuse, refuseBelief, type GameVerdict } from '#core/contract/verdict'
import { sumOf } from '#core/contract/working'

export function judge(
  rules: AskRules,
  state: AskState,
  play: AskPlay,
  { overrule }: Judging,
): GameVerdict<AskState, AskCodes> {
  switch (play.do) {
    case 'lay':
      return judgeLay(rules, state, play, overrule)
    case 'ask':
      return judgeAsk(rules, state, play, overrule)
    case 'draw':
      return judgeDraw(rules, state, play, overrule)
    default:
      return judgeReplace(rules, state, play, overrule)
  }
}

function judgeLay(
  rules: AskRules,
  state: AskState,
  { by, cards }: Lay,
  overrule: boolean,
): GameVerdict<AskState, AskCodes> {
  const badCard = refuseCards(rules.pack, [...state.laid, ...state.out], cards, overrule)
  if (badCard) return badCard
  const working = [sumOf(cards)]
  const [a, b] = cards
  if (a + b !== rules.target) return refuse('wrong-total', { cards, sum: a + b, target: rules.target }, working)
  let hands = state.hands
  if (!canHold(rules.pack, state, by, cards)) {
    if (!overrule) return refuseBelief('not-in-hand', { by, cards }, working)
    hands = giveWay(rules.pack, { ...state, hands }, by, cards)
  }
  const notes: NoteOf<AskCodes>[] = [
    { code: 'laid', facts: { by, cards, pairs: ofSeat(state.piles, by).length + 1 } },
    ...deniedNotes(state, by, cards),
  ]
  hands = withGone(withGone(hands, by, a), by, b)
  const next = refilled(rules, { ...state, hands, laid: [...state.laid, a, b], piles: withPair(state, by, cards) }, by)
  return { stands: true, next: passedOver(next), working, notes, asks: { explanation: true } }
}

function judgeAsk(
  rules: AskRules,
  state: AskState,
  { by, of, for: card, got }: Ask,
  overrule: boolean,
): GameVerdict<AskState, AskCodes> {
  const { pack, target } = rules
  const rest = target - card
  const shown = got && hasPartner(pack, target, card) ? [card, rest] : [card]
  const badCard = refuseCards(pack, got ? [...state.laid, ...state.out] : [], shown, overrule)
  if (badCard) return badCard
  if (by === of) return refuse('asked-self', { by })
  if (ofSeat(state.hands, of).size === 0) return refuse('nobody-there', { of })
  if (!hasPartner(pack, target, card)) return refuse('dead-card', { card, target, rest })
  const working = [sumOf([rest, card])]
  let hands = state.hands
  if (!canHold(pack, state, by, [rest])) {
    if (!overrule) return refuseBelief('cannot-hold-partner', { by, card, rest }, working)
    hands = giveWay(pack, { ...state, hands }, by, [rest])
  }
  // Asking shows that the asker holds the rest.
  hands = withShown(hands, by, rest)
  if (got) {
    if (!canHold(pack, { ...state, hands }, of, [card])) {
      if (!overrule) return refuseBelief('not-in-hand', { by: of, cards: [card] }, working)
      hands = giveWay(pack, { ...state, hands }, of, [card])
    }
    return granted(rules, state, hands, { by, of, card, rest }, working)
  }
  if (mustHold(pack, { ...state, hands }, of, card)) {
    if (!overrule) return refuseBelief('denied-known-card', { of, card }, working)
    hands = withForgotten(hands, of)
  }
  const denied = ofSeat(state.denied, of).includes(card)
    ? state.denied
    : withSeat(state.denied, of, [...ofSeat(state.denied, of), card])
  const asked: AskState = { ...state, hands, denied, owed: null, refused: null, fresh: false }
  const note: NoteOf<AskCodes> = { code: 'refused', facts: { by, of, card, draws: state.stock > 0 } }
  if (state.stock > 0) return { stands: true, next: { ...asked, owed: by }, working, notes: [note] }
  return { stands: true, next: turnPassed({ ...asked, refused: by }), working, notes: [note] }
}

function granted(
  rules: AskRules,
  state: AskState,
  shown: readonly Hand[],
  { by, of, card, rest }: { by: number; of: number; card: number; rest: number },
  working: readonly ReturnType<typeof sumOf>[],
): GameVerdict<AskState, AskCodes> {
  const pair = [rest, card] as const
  const hands = withGone(withGone(shown, of, card), by, rest)
  const laid = [...state.laid, rest, card]
  const notes: NoteOf<AskCodes>[] = [
    { code: 'granted', facts: { by, of, card, rest, pairs: ofSeat(state.piles, by).length + 1 } },
    ...deniedNotes(state, of, [card]),
    ...deniedNotes(state, by, [rest]),
  ]
  const asked: AskState = {
    ...state,
    hands,
    laid,
    piles: withPair(state, by, pair),
    owed: null,
    refused: null,
    fresh: false,
  }
  // The asker first, where both hands are empty now.
  const full = refilled(rules, refilled(rules, asked, by), of)
  const again = rules.again === 'on-success' && ofSeat(full.hands, by).size > 0
  return { stands: true, next: again ? full : turnPassed(full), working, notes }
}

function judgeDraw(
  rules: AskRules,
  state: AskState,
  { by, card }: Draw,
  overrule: boolean,
): GameVerdict<AskState, AskCodes> {
  if (state.owed === null || state.stock === 0) return refuse('stock-empty', { by })
  if (card !== undefined) {
    const lying = [...state.laid, ...state.out, ...state.hands.flatMap(({ known }) => known)]
    const badCard = refuseCards(rules.pack, lying, [card], overrule)
    if (badCard) return badCard
  }
  const next = turnPassed({ ...drawn(rules, state, by, card), owed: null })
  return {
    stands: true,
    next,
    working: [],
    notes: [{ code: 'drew', facts: { by, card: card ?? null, stock: next.stock } }],
  }
}

/** One card from the stock into a hand; unseen unless it was shown or the app deals. */
function drawn(rules: AskRules, state: AskState, by: number, card: number | undefined): AskState {
  const dealt = state.order?.[0]
  const seen = card ?? dealt
  // A card without a partner is about to be replaced: what comes for it is unseen.
  const known = seen !== undefined && hasPartner(rules.pack, rules.target, seen) ? [seen] : []
  const hands = known.length ? freed(rules.pack, state, by, itemAt(known, 0)) : state.hands
  const hand = ofSeat(hands, by)
  const denied = ofSeat(state.denied, by)
  return {
    ...state,
    hands: withSeat(hands, by, { size: hand.size + 1, known: [...hand.known, ...known] }),
    stock: state.stock - 1,
    order:
      state.order && seen !== undefined
        ? state.order.includes(seen)
          ? without(state.order, seen)
          : state.order.slice(1)
        : state.order,
    denied: denied.length
      ? withSeat(state.denied, by, card === undefined ? [] : denied.filter((other) => other !== card))
      : state.denied,
  }
}

function judgeReplace(
  rules: AskRules,
  state: AskState,
  { by, card }: Replace,
  overrule: boolean,
): GameVerdict<AskState, AskCodes> {
  // A card that was left in by mistake may be none of the pack.
  if (inPack(rules.pack, card)) {
    const many = refuseCards(rules.pack, [...state.laid, ...state.out], [card], overrule)
    if (many) return many
  }
  if (hasPartner(rules.pack, rules.target, card)) return refuse('card-has-partner', { card, rest: rules.target - card })
  const next: AskState = { ...state, out: [...state.out, card], denied: withSeat(state.denied, by, []) }
  return { stands: true, next, working: [], notes: [{ code: 'replaced', facts: { by, card } }] }
}

/** A hand that is empty draws a new one, or what is left, at once and unseen. */
function refilled(rules: AskRules, state: AskState, seat: number): AskState {
  if (ofSeat(state.hands, seat).size > 0 || state.stock === 0) return state
  const size = Math.min(rules.hand, state.stock)
  const stock = state.stock - size
  const next: AskState = {
    ...state,
    hands: withSeat(state.hands, seat, { size, known: state.order ? state.order.slice(0, size) : [] }),
    stock,
    order: state.order ? state.order.slice(size) : null,
    denied: withSeat(state.denied, seat, []),
  }
  // The stock ran out while a draw was owed: the draw falls away and the turn passes.
  return stock === 0 && next.owed !== null ? turnPassed({ ...next, owed: null, refused: next.owed }) : next
}

function turnPassed(state: AskState): AskState {
  return { ...state, ...passTurn(state, (seat) => ofSeat(state.hands, seat).size > 0) }
}

/** Whoever is on turn without cards and without anything to draw is passed over. */
function passedOver(state: AskState): AskState {
  return ofSeat(state.hands, state.turn).size > 0 || state.owed !== null || !state.hands.some(({ size }) => size > 0)
    ? state
    : turnPassed(state)
}

function withPair({ piles }: AskState, by: number, pair: readonly [number, number]): AskState['piles'] {
  return withSeat(piles, by, [...ofSeat(piles, by), pair])
}

function deniedNotes({ denied }: AskState, by: number, cards: readonly number[]): NoteOf<AskCodes>[] {
  return [...new Set(cards)]
    .filter((card) => ofSeat(denied, by).includes(card))
    .map((card) => ({ code: 'denied-earlier', facts: { by, card }, weight: 'call' as const }))
}
