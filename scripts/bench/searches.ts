import { countCalls, shortestCalls } from '#core/games/call-row/advice'
import { dealOpening } from '#core/games/last-digit-chains/bot'
import { open, type ChainRules, type ChainState } from '#core/games/last-digit-chains/rules'
import { solve } from '#core/games/last-digit-chains/solve'
import type { SignName } from '#core/games/own-game/houseRules'
import { sentencesFor } from '#core/games/own-game/search'
import { skipCountYard } from '#core/games/skip-count-yard/index'
import type { YardState } from '#core/games/skip-count-yard/rules'
import { mostCards } from '#core/games/skip-count-yard/search'
import { cardsOf } from '#core/kit/pack'
import { randomFor } from '#core/basics/random'
import { selfPlayState } from '#core/kernel/selfPlay'
import { atLeast, type Row } from './report'

/** So many random positions for each search. */
const POSITIONS = 100

/** Runs a search from many positions, each with `most` milliseconds at most. */
function searched<T>(
  what: string,
  most: number,
  positions: readonly T[],
  search: (position: T, goOn: () => boolean) => boolean,
  aim: Row['aim'],
): Row {
  const times: number[] = []
  let finished = 0
  for (const position of positions) {
    const start = performance.now()
    if (search(position, () => performance.now() - start < most)) finished++
    times.push(performance.now() - start)
  }
  times.sort((a, b) => a - b)
  return {
    what,
    value: (100 * finished) / positions.length,
    unit: 'of 100',
    aim,
    more: `${times[Math.floor(times.length / 2)]!.toFixed(2)} ms, the median`,
  }
}

/** Whether the searches of single games end in time: the yard’s compound turns, chains that can be completed, the calls of a long row. */
export function searches(): Row[] {
  const sets = [2, 3, 4, 5]
  const yards: YardState[] = []
  for (let key = 0; yards.length < POSITIONS; key++) {
    const players = ['Ines', 'Tomasz', 'Odalys', 'Bao'].slice(0, 2 + (key % 3))
    const { result, game } = selfPlayState({
      game: skipCountYard as never,
      players,
      source: 'dealt',
      key: `yard ${key}`,
      most: 14 + ((key * 7) % 26),
    })
    const state = game as YardState
    if (!result && (state.drawn || state.stock === 0)) yards.push(state)
  }
  const rows = [
    searched(
      'skip-count-yard: the most of a turn, within 1 s',
      1000,
      yards,
      (state, goOn) => mostCards(sets, state.yard, state.hands[state.turn - 1]!.known, true, goOn).finished,
      atLeast(95),
    ),
  ]
  for (const [chain, fan] of [
    ['short', 4],
    ['long', 3],
  ] as const) {
    const rules = { chain, fan, redeals: 0, startsFirst: true } as unknown as ChainRules
    const deals = Array.from({ length: POSITIONS }, (_, i) => dealOpening(rules, 1, randomFor('chains', i)))
    const layoutOf = (opening: (typeof deals)[number]) =>
      (open(rules, { seats: 1 }, opening) as { state: ChainState }).state.layouts[0]!
    rows.push(
      searched(
        `last-digit-chains: completable or not, ${chain}, within 2 s`,
        2000,
        deals,
        (deal, goOn) => solve(rules, layoutOf(deal), goOn).finished,
        null,
      ),
    )
  }
  rows.push(sixNumbers())
  const given = { target: 10, signs: 'add-subtract' as const, maxCards: null }
  const long = Array.from({ length: POSITIONS }, (_, i) =>
    randomFor('row', i)
      .shuffled(cardsOf({ low: 1, high: 10, copies: 4 }))
      .slice(0, 20),
  )
  rows.push(
    searched(
      'call-row: the calls of a row of 20 counted, within 5 ms',
      5,
      long,
      (row, goOn) => countCalls(given, row) > 0 && goOn(),
      atLeast(100),
    ),
  )
  rows.push(
    searched(
      'call-row: the shortest calls of a row of 20 listed, within 50 ms',
      50,
      long,
      (row, goOn) => shortestCalls(given, { row }).length > 0 && goOn(),
      atLeast(100),
    ),
  )
  return rows
}

/** Every sentence of six numbers, toward a target of three figures. */
function sixNumbers(): Row {
  const signs: SignName[] = ['add', 'subtract', 'times', 'divide']
  const six = Array.from({ length: 20 }, (_, i) => {
    const random = randomFor('six', i)
    return { numbers: Array.from({ length: 6 }, () => random.whole(1, 50)), target: random.whole(100, 999) }
  })
  return searched(
    'own-game: every sentence of six numbers and four signs, within 2 s',
    2000,
    six,
    ({ numbers, target }, goOn) => sentencesFor({ signs, useAll: true }, numbers, target, 2000) !== null && goOn(),
    atLeast(100),
  )
}
