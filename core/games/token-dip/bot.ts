import type { Dealt, Wish } from '#core/contract/game'
import {
  added,
  leftInBag,
  recountsDue,
  worthOf,
  type Dip,
  type DipPlay,
  type DipRules,
  type DipState,
  type Recount,
} from '#core/games/token-dip/rules'
import { countsOf } from '#core/kit/pack'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

const dipped = (rules: DipRules, state: DipState, seat: number, token: string): Dip => ({
  do: 'dip',
  by: seat,
  token,
  said: added(rules, ofSeat(state.totals, seat), worthOf(rules, token)!).after,
  explained: true,
})

/** What lies before a seat, as a recount that agrees. */
function countedOut(state: DipState, seat: number): Recount {
  return { do: 'recount', by: seat, counts: Object.fromEntries(countsOf(ofSeat(state.dishes, seat))) }
}

/** Every dip that may come, with the right total said; the recount that agrees where one is due. */
export function* plays(rules: DipRules, state: DipState, seat: number): Generator<DipPlay> {
  const due = recountsDue(rules, state)
  if (due.length) {
    if (due.includes(seat)) yield countedOut(state, seat)
  } else if (seat === state.turn)
    for (const { token } of rules.key) if (leftInBag(rules, state, token) !== 0) yield dipped(rules, state, seat, token)
}

function draw(rules: DipRules, state: DipState, random: Random): string {
  const counts = rules.key.map(({ token }) => ({ token, count: leftInBag(rules, state, token) ?? 1 }))
  let at = random.whole(
    1,
    Math.max(
      1,
      counts.reduce((sum, { count }) => sum + count, 0),
    ),
  )
  return counts.find(({ count }) => (at -= count) <= 0)!.token
}

/** The dealer: dips into the bag; nothing while tokens are to be counted. */
export function deal(rules: DipRules, state: DipState, wish: Wish, random: Random): Dealt | null {
  if (wish.do !== 'dip' || recountsDue(rules, state).length) return null
  const token = draw(rules, state, random)
  return { brings: { token }, shown: { kind: 'token', values: [token], fields: [rules.key.map((line) => line.token)] } }
}

export function bot(rules: DipRules, state: DipState, seat: number, random: Random): DipPlay {
  if (recountsDue(rules, state).includes(seat)) return countedOut(state, seat)
  return { ...dipped(rules, state, seat, draw(rules, state, random)), how: 'counted-on' }
}
