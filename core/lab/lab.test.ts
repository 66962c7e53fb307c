import fc from 'fast-check'
import { choices } from '#core/games/brim/odds'
import type { BrimRules, BrimState } from '#core/games/brim/rules'
import { gameById, GAMES } from '#core/games/index'
import { sumsOf } from '#core/games/ten-turn-haul/advice'
import { resultsOf } from '#core/games/top-total/advice'
import { labPlay, PLAYERS } from '#core/lab/players'
import { comparePairs, countPair, noPairs, type Comparison } from '#core/lab/pair'
import { reportOf } from '#core/lab/report'
import { addAnswers, labProblems, noAnswer, runLab, type LabQuestion } from '#core/lab/run'
import { closest, searchable, searchRule, spreadOver } from '#core/lab/search'
import { isSure, meanOf, meanOfHistogram, partOf, quantile, type Interval } from '#core/lab/statistics'
import { addTallies, makeCounter, WHOLE } from '#core/lab/tally'
import { playTrial, type Outcome } from '#core/lab/trial'
import { judgePlay } from '#core/kernel/match'
import { openSelfPlay } from '#core/kernel/selfPlay'
import { sayComparison, sayReport } from '#core/lab/wording'

const question = (parts: Partial<LabQuestion> = {}): LabQuestion => ({
  game: 'top-total',
  a: {},
  b: null,
  players: ['best', 'best'],
  pace: 12,
  seed: 'harbour',
  ...parts,
})

test.each([
  // Wilson's interval, by hand: 54 of 100.
  [54, 100, 0.54, 0.4426, 0.6344],
  [0, 20, 0, 0, 0.1611],
  [20, 20, 1, 0.8389, 1],
  [0, 0, 0, 0, 1],
])('%s of %s: %s, between %s and %s', (hits, n, value, low, high) => {
  const found = partOf(hits, n)
  expect(found.value).toBeCloseTo(value, 4)
  expect(found.low).toBeCloseTo(low, 4)
  expect(found.high).toBeCloseTo(high, 4)
})

test('a mean with its interval; of one number nothing is known of the spread', () => {
  // 2, 4, 6, 8: mean 5, variance 20/3.
  const { value, low, high } = meanOf(20, 120, 4)
  expect(value).toBe(5)
  // Student's t of three degrees of freedom is 3.18.
  expect((high - value) / Math.sqrt(20 / 3 / 4)).toBeCloseTo(3.18, 1)
  expect(value - low).toBeCloseTo(high - value, 9)
  expect(meanOf(3, 9, 1)).toEqual({ value: 3, low: -Infinity, high: Infinity })
  expect(isSure({ value: 2, low: 1.1, high: 2.9 })).toBe(true)
  expect(isSure({ value: 2, low: 0.9, high: 3.1 })).toBe(false)
  expect(isSure({ value: -2, low: -2.9, high: -1.1 })).toBe(true)
  expect(isSure({ value: 0.54, low: 0.53, high: 0.55 }, 0.5)).toBe(true)
})

test('quantiles of a histogram', () => {
  const histogram = { 3: 5, 10: 4, 40: 1 }
  expect([0.1, 0.5, 0.51, 0.9, 0.91].map((part) => quantile(histogram, part))).toEqual([3, 3, 10, 10, 40])
  expect(quantile({}, 0.5)).toBeNull()
})

test('parts of a run added up are the whole run, in any order', () => {
  const asked = question({ b: { rounds: 5 }, players: ['careless', 'careful'] })
  const whole = runLab(asked, 0, 40)
  const parts = [runLab(asked, 25, 40), runLab(asked, 0, 7), runLab(asked, 7, 25)]
  expect(parts.reduce(addAnswers, noAnswer(asked))).toEqual(whole)
  expect(runLab(asked, 0, 40)).toEqual(whole)
  expect(runLab({ ...asked, seed: 'quay' }, 0, 40)).not.toEqual(whole)
})

test('shares of a win: level players have a part each, and all parts are one win a match', () => {
  const { a } = runLab(question({ players: ['best', 'best', 'best'], a: { rounds: 1 } }), 0, 300)
  expect(a.level).toBeGreaterThan(0)
  expect(a.wins.reduce((sum, part) => sum + part, 0)).toBe(WHOLE * a.ended)
})

/** Whether what the lab found agrees with what is known exactly: within its interval, which holds for all but one of twenty, widened by half. */
function agrees({ value, low, high }: Interval, exact: number): void {
  const off = 0.75 * (high - low)
  expect([exact, value - off < exact && exact < value + off]).toEqual([exact, true])
}

test('Top Total against enumeration: level rounds, and nobody is better off by beginning', () => {
  const chances = [...resultsOf({ dice: 2, sides: 6, combine: 'add' }).values()]
  const { level, wins } = reportOf(runLab(question({ a: { rounds: 1 } }), 0, 6000).a, 12)
  agrees(
    level,
    chances.reduce((sum, chance) => sum + chance * chance, 0),
  )
  agrees(wins[0]!, 0.5)
})

test('Ten-Turn Haul against convolution: sums, level finishes, who wins', () => {
  const faces = [1, 2, 3, 8]
  const sums = sumsOf(faces, 4)
  const mean = sums.reduce((all, chance, sum) => all + chance * sum, 0)
  const { a } = runLab(
    question({ game: 'ten-turn-haul', a: { faces, turns: 4 }, players: ['best', 'best', 'best'] }),
    0,
    4000,
  )
  const { level } = reportOf(a, 12)
  agrees(meanOfHistogram(a.scores), mean)
  const upTo = sums.map((_, sum) => sums.slice(0, sum).reduce((all, chance) => all + chance, 0))
  const alone = 3 * sums.reduce((all, chance, sum) => all + chance * upTo[sum]! ** 2, 0)
  agrees(level, 1 - alone)
})

test('Exact Landing against its absorbing chain: how long it takes, and what beginning is worth', () => {
  // Off the line the turn is lost, so that every spin is a turn.
  const line = { low: 0, high: 6, start: 3, goal: 6, steps: [1, 2], over: 'lose-turn', under: 'lose-turn' }
  let at = Array.from({ length: 7 }, (_, place) => Number(place === 3))
  let [first, plays, others] = [0, 0, 1]
  for (let turn = 1; turn < 2000; turn++) {
    const next = at.map(() => 0)
    let home = 0
    at.forEach((chance, place) => {
      for (const step of [1, 2, -1, -2]) {
        const to = place + step
        if (to === 6) home += chance / 4
        else next[to < 0 || to > 6 ? place : to]! += chance / 4
      }
    })
    // Both walk alike: `others` is the chance that one of them was not home the turn before.
    const still = others - home
    first += home * others
    plays += home * others * (2 * turn - 1) + still * home * (2 * turn)
    at = next
    others = still
  }
  const { meanMinutes, wins, ended } = reportOf(
    runLab(question({ game: 'exact-landing', a: line, pace: 60 }), 0, 4000).a,
    60,
  )
  expect(ended.value).toBe(1)
  agrees(meanMinutes, plays)
  agrees(wins[0]!, first)
})

test('Brim against the odds that its aid works out: what a turn is worth to who plays best', () => {
  const rules = { dice: 4, sides: 6, limit: 15, rolls: 3, mustFreeze: 1 }
  const game = gameById('brim')!
  const { state } = openSelfPlay({ game, houseRules: { ...rules, rounds: 1 }, players: ['Ines'], key: 'brim' })
  const [best] = choices(state.rules as BrimRules, state.game as BrimState)
  const { a } = runLab(question({ game: 'brim', a: { ...rules, rounds: 1 }, players: ['best'] }), 0, 4000)
  agrees(meanOfHistogram(a.scores), best!.expected)
})

test('a game in which everybody has as many turns is as long as its rounds say, and ten minutes hold as many facts as that', () => {
  const report = reportOf(runLab(question({ a: { rounds: 6 }, players: ['best', 'best', 'best'] }), 0, 50).a, 10)
  // Level matches may go on; most are 18 plays of ten seconds.
  expect(report.minutes).toEqual({ low: 3, usual: 3, high: expect.any(Number) })
  expect(report.facts.map(({ value }) => value >= 6)).toEqual([true, true, true])
  expect(report.factsInTen).toBeCloseTo(
    (10 * report.facts.reduce((sum, { value }) => sum + value, 0)) / 3 / report.meanMinutes.value,
    9,
  )
})

test('the clock ends a match after the round', () => {
  const { a } = runLab(question({ game: 'brim', a: { minutes: 1, rounds: 20 }, pace: 20 }), 0, 20)
  expect([a.ended, a.timed]).toEqual([20, 20])
})

test.each(GAMES.map(({ id }) => id))(
  '%s: everybody of every kind plays to the end, and who never errs says nothing wrong',
  (id) => {
    const game = gameById(id)!
    const seats = Math.max(2, game.about.seats.low)
    for (const kind of PLAYERS) {
      const outcome = playTrial(
        { game, houseRules: {}, players: Array.from({ length: seats }, () => kind), pace: 12 },
        'pier',
      )
      expect([kind, outcome.ended || outcome.plays > 100]).toEqual([kind, true])
      expect(outcome.facts).toHaveLength(seats)
      if (kind === 'best') expect(outcome.wrong).toBe(0)
      expect(
        playTrial({ game, houseRules: {}, players: Array.from({ length: seats }, () => kind), pace: 12 }, 'pier'),
      ).toEqual(outcome)
    }
  },
)

test.each(['brim', 'hundred-stops', 'perch-and-push', 'column-keeper', 'token-dip', 'exact-landing'])(
  '%s: whatever somebody careless decides stands, with the chance that the best would have had',
  (id) => {
    const game = gameById(id)!
    const { table, state: opened } = openSelfPlay({ game, players: ['Ines', 'Tomasz'], source: 'dealt', key: 'buoy' })
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), (n) => {
        let state = opened
        for (let i = 0; i < 6 && !state.result; i++) {
          const { seats } = game.awaits(state.rules, state.game)
          const { right } = labPlay('careless', table, state, seats[0]!, `buoy ${n}`, i)
          const judged = judgePlay(table, state, right)
          if (!judged.verdict.stands) return false
          state = judged.state
        }
        return true
      }),
      { numRuns: 20 },
    )
  },
)

test('who errs loses to who does not', () => {
  const { a } = runLab(question({ game: 'brim', players: ['careless', 'best'] }), 0, 150)
  expect(reportOf(a, 12).wins[1]!.low).toBeGreaterThan(0.5)
  expect(a.wrong).toBeGreaterThan(0)
  expect(a.wrong).toBeLessThan(a.said)
})

test('pairs: the same chance under the same rules makes no difference; more rounds make it longer', () => {
  const { pairs } = runLab(question({ b: {} }), 0, 30)
  expect(comparePairs(pairs!, 12, 2)).toEqual({
    matches: 30,
    ...Object.fromEntries(['minutes', 'facts', 'first', 'level'].map((of) => [of, { value: 0, low: 0, high: 0 }])),
  })
  const longer = runLab(question({ a: { rounds: 3 }, b: { rounds: 6 } }), 0, 60)
  const { minutes, facts } = comparePairs(longer.pairs!, 12, 2)
  expect(minutes.low).toBeGreaterThan(0)
  expect(facts.low).toBeGreaterThan(0)
})

test('differences of pairs by hand', () => {
  const outcome = (plays: number, winners: number[]): Outcome => ({ ...BARE, plays, winners, facts: [plays, plays] })
  const pairs = [
    [outcome(10, [0]), outcome(14, [1])],
    [outcome(10, [0, 1]), outcome(12, [0])],
  ].reduce((sum, [a, b]) => countPair(sum, a!, b!), noPairs)
  const told = comparePairs(pairs, 60, 2)
  expect([told.minutes.value, told.facts.value, told.first.value, told.level.value]).toEqual([3, 3, -0.25, -0.5])
})

test('counting by hand: lengths, shared wins, what was decided early', () => {
  const counter = makeCounter(2)
  counter.count({ ...BARE, plays: 10, winners: [0], decided: 0.31, scores: [5, 3], cells: ['add 2 3'] })
  counter.count({ ...BARE, plays: 10, winners: [0, 1], decided: 1, scores: [4, 4], cells: ['add 2 3', 'times 2 3'] })
  const tally = counter.tally()
  expect(tally).toMatchObject({
    matches: 2,
    level: 1,
    plays: { 10: 2 },
    wins: [1260, 420],
    decided: [0, 0, 0, 1, 0, 0, 0, 0, 0, 1],
    scores: { 3: 1, 4: 2, 5: 1 },
    cells: { 'add 2 3': 2, 'times 2 3': 1 },
  })
  expect(addTallies(tally, tally).wins).toEqual([2520, 840])
})

const BARE: Outcome = {
  plays: 0,
  ended: true,
  timed: false,
  winners: [],
  scores: [],
  changes: 0,
  decided: null,
  facts: [0, 0],
  cells: [],
  said: 0,
  wrong: 0,
}

test('a question that can’t be answered says what is wrong', () => {
  expect(labProblems(question())).toEqual([])
  expect(labProblems(question({ game: 'none' })).map(({ code }) => code)).toEqual(['unknown-game'])
  expect(labProblems(question({ b: { rounds: 9999 } })).map(({ path }) => path)).toEqual(['houseRules.rounds'])
  expect(
    labProblems(question({ game: 'top-total', players: ['best', 'best', 'best', 'best', 'best'] })).length,
  ).toBeGreaterThan(0)
})

test('a rule is searched across its range, then around the best', () => {
  expect(spreadOver(1, 5, 9)).toEqual([1, 2, 3, 4, 5])
  expect(spreadOver(0, 100, 5)).toEqual([0, 25, 50, 75, 100])
  expect(spreadOver(7, 7, 5)).toEqual([7])
  const game = gameById('top-total')!
  expect(searchable(game).map(({ name }) => name)).toContain('rounds')
  expect(searchable(game).map(({ name }) => name)).not.toContain('minutes')
  // Two players at 15 seconds a play: so many rounds take half as many minutes.
  const tried = [
    ...searchRule({
      game,
      houseRules: {},
      players: ['best', 'best'],
      pace: 15,
      rule: 'rounds',
      minutes: 6,
      seed: 'gull',
    }),
  ]
  expect(closest(tried, 6)?.value).toBe(12)
  expect([
    ...searchRule({ game, houseRules: {}, players: ['best', 'best'], pace: 15, rule: 'tie', minutes: 6, seed: 'gull' }),
  ]).toEqual([])
})

test.each<[string, Partial<Comparison>, string[]]>([
  ['longer', { minutes: { value: 3, low: 2.4, high: 3.6 } }, ['B takes 3 minutes longer (2.4 to 3.6).']],
  ['less', { minutes: { value: -3, low: -3.6, high: -2.4 } }, ['B takes 3 minutes less (2.4 to 3.6).']],
  [
    'perhaps longer',
    { minutes: { value: 3, low: 1, high: 5 } },
    ['These matches show no difference in length, number facts or level finishes.'],
  ],
  [
    'more facts, fewer level',
    { facts: { value: 6, low: 5.5, high: 6.5 }, level: { value: -0.1, low: -0.12, high: -0.08 } },
    ['B gives each child 6 more number facts (5.5 to 6.5) and ends level 10 of 100 times less often.'],
  ],
])('A against B in words: %s', (_, parts, says) => {
  const none = { value: 0, low: -1, high: 1 }
  const a = reportOf(runLab(question(), 0, 5).a, 12)
  const told = sayComparison({ matches: 100, minutes: none, facts: none, first: none, level: none, ...parts }, a, [
    'best',
    'best',
  ])
  expect(told).toEqual([...says, 'That who begins matters more or less under B, these matches don’t show.'])
})

test.each([
  [
    { low: 0.3, usual: 0.6, high: 0.9 },
    { low: 0, usual: 0, high: 4 },
    'Nine of ten matches are over within a minute.',
    'Scores at the end: half of them are 0 or less, nine of ten 4 or less.',
  ],
  [
    { low: 0.4, usual: 3.1, high: 12.2 },
    { low: -3, usual: 5, high: 5 },
    'Half the matches are over within 3.5 minutes, one of ten within a minute and nine of ten within 13 minutes.',
    'Scores at the end: half of them are 5 or less, one of ten −3 or less.',
  ],
  [
    { low: 4, usual: 4, high: 7 },
    { low: 2, usual: 2, high: 2 },
    'Half the matches are over within 4 minutes, nine of ten within 7 minutes.',
    'At the end nearly everybody has 2.',
  ],
])('lengths and scores as they are, level ones too: %j %j', (minutes, scores, length, score) => {
  const says = sayReport({ ...reportOf(runLab(question(), 0, 5).a, 12), minutes, scores }, ['best', 'best'])
  expect(says[0]).toBe(length)
  expect(says).toContain(score)
})

test('who begins is spoken of only where all play alike, and matters less where its edge shrinks', () => {
  const a = {
    ...reportOf(runLab(question(), 0, 5).a, 12),
    wins: [
      { value: 0.6, low: 0.59, high: 0.61 },
      { value: 0.4, low: 0.39, high: 0.41 },
    ],
  }
  expect(sayReport(a, ['best', 'best'])[1]).toBe('Whoever begins wins 60 of 100, give or take 1: beginning helps.')
  expect(sayReport(a, ['best', 'careful'])[1]).toMatch(
    /^Player 1 \(best\) wins 60 of 100.*says nothing of who begins\.$/,
  )
  const none = { value: 0, low: -1, high: 1 }
  const first = (value: number) => ({
    matches: 100,
    minutes: none,
    facts: none,
    level: none,
    first: { value, low: value - 0.01, high: value + 0.01 },
  })
  expect(sayComparison(first(-0.08), a, ['best', 'best'])[1]).toBe(
    'Whoever begins wins 8 of 100 fewer under B: who begins matters less.',
  )
  expect(sayComparison(first(-0.3), a, ['best', 'best'])[1]).toBe(
    'Whoever begins wins 30 of 100 fewer under B: who begins matters more.',
  )
  expect(sayComparison(first(-0.08), a, ['best', 'careful'])).toHaveLength(1)
})
