import { openPlaces } from '#core/games/column-keeper/advice'
import {
  COLUMNS,
  columnsOf,
  isFull,
  lyingIn,
  type KeeperPlay,
  type KeeperRules,
  type KeeperState,
  type Sheet,
  type Where,
} from '#core/games/column-keeper/rules'
import type { Dealt, Wish } from '#core/contract/game'
import { restOf } from '#core/kit/pack'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

/** Every play that may stand now: each card that may come in each place that is open, or the right total. */
export function* plays(rules: KeeperRules, state: KeeperState, seat: number): Generator<KeeperPlay> {
  if (seat !== state.turn) return
  const sheet = ofSeat(state.sheets, seat)
  if (isFull(rules, state)) yield { do: 'total', by: seat, said: columnsOf(sheet).total, explained: true }
  else
    for (const card of new Set(restOf(rules.pack, lyingIn(state))))
      for (const where of openPlaces(rules, sheet)) yield { do: 'put', by: seat, card, in: where }
}

/** The dealer: draws the next card; nothing once everyone has filled up. */
export function deal(rules: KeeperRules, state: KeeperState, wish: Wish, random: Random): Dealt | null {
  if (wish.do !== 'put' || isFull(rules, state)) return null
  const card = draw(rules, state, random)
  return { brings: { card }, shown: { kind: 'card', values: [card] } }
}

function draw(rules: KeeperRules, state: KeeperState, random: Random): number {
  const rest = restOf(rules.pack, lyingIn(state))
  return random.oneOf(rest)
}

/** Large cards to the left when large is good; the middling ones go where the other aim would not mind them. */
function goodPlace(rules: KeeperRules, sheet: Sheet, card: number): Where {
  const open = openPlaces(rules, sheet)
  const columns = open.filter((where) => where !== 'aside')
  const { low, high } = rules.pack
  const share = high === low ? 0.5 : (card - low) / (high - low)
  const worth = rules.aim === 'smallest' ? 1 - share : share
  if (open.includes('aside') && (worth < 0.2 || !columns.length)) return 'aside'
  return columns[Math.min(columns.length - 1, Math.round(worth * (columns.length - 1)))] ?? COLUMNS[0]
}

export function bot(rules: KeeperRules, state: KeeperState, seat: number, random: Random): KeeperPlay {
  const sheet = ofSeat(state.sheets, seat)
  if (isFull(rules, state))
    return { do: 'total', by: seat, said: columnsOf(sheet).total, explained: true, how: 'other' }
  const card = draw(rules, state, random)
  return { do: 'put', by: seat, card, in: goodPlace(rules, sheet, card) }
}
