import { openPlaces } from '#core/games/column-keeper/advice'
import { COLUMNS, columnsOf, isFull, lyingIn, type KeeperPlay, type KeeperRules, type KeeperState, type Put, type Sheet, type Where } from '#core/games/column-keeper/rules'
import { restOf } from '#core/pack'
import type { Random } from '#core/random'

/** Every play that may stand now: each card that may come in each place that is open, or the right total. */
export function* plays(rules: KeeperRules, state: KeeperState, seat: number): Generator<KeeperPlay> {
  if (seat !== state.turn) return
  const sheet = state.sheets[seat - 1]!
  if (isFull(rules, state)) yield { do: 'total', by: seat, said: columnsOf(sheet).total, explained: true }
  else
    for (const card of new Set(restOf(rules.pack, lyingIn(state))))
      for (const where of openPlaces(rules, sheet)) yield { do: 'put', by: seat, card, in: where }
}

/** The dealer: draws the next card; where it goes is the player's wish. Null once everyone has filled up. */
export function deal(rules: KeeperRules, state: KeeperState, wish: unknown, random: Random): Put | null {
  if (isFull(rules, state)) return null
  const rest = restOf(rules.pack, lyingIn(state))
  const card = rest[random.whole(0, rest.length - 1)]!
  const { in: where } = (wish ?? {}) as { in?: Where }
  return { do: 'put', by: state.turn, card, in: where ?? goodPlace(rules, state.sheets[state.turn - 1]!, card) }
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
  const play = deal(rules, state, {}, random)
  if (play) return play
  return { do: 'total', by: seat, said: columnsOf(state.sheets[seat - 1]!).total, explained: true, how: 'other' }
}
