import { mixedSeed, randomFor, type Random } from '#core/basics/random'
import { meanOf, partOf, shareOf, type Interval } from '#core/lab/statistics'

/** How often the interval holds what is known to be true, over many runs of a fixed seed: nineteen of twenty. */
const RUNS = 2000
const MOST = 1_000_000
const sum = (numbers: readonly number[]) => numbers.reduce((all, n) => all + n, 0)
const squares = (numbers: readonly number[]) => sum(numbers.map((n) => n * n))
const unit = (random: Random) => random.whole(0, MOST - 1) / MOST
/** How many plays until something of chance `p` happens: the long tail that lengths of matches have. */
const waits = (random: Random, p: number) => 1 + Math.floor(Math.log(1 - unit(random)) / Math.log(1 - p))

const KNOWN: readonly (readonly [
  what: string,
  n: number,
  truth: number,
  draw: (random: Random) => number,
  told: (drawn: readonly number[]) => Interval,
])[] = [
  ...([0.5, 0.3, 0.12] as const).flatMap((p) =>
    [400, 1000].map(
      (n) =>
        [
          `a part of ${p} in ${n} matches`,
          n,
          p,
          (random: Random) => (unit(random) < p ? 1 : 0),
          (drawn: readonly number[]) => partOf(sum(drawn), drawn.length),
        ] as const,
    ),
  ),
  [
    'wins of two of whom one match in five is shared',
    400,
    0.5,
    (random) => [0, 0, 0.5, 1, 1][random.whole(0, 4)]!,
    (drawn) => shareOf(sum(drawn), squares(drawn), drawn.length),
  ],
  [
    'wins of somebody who seldom wins',
    1000,
    0.0625,
    (random) => [1, 0.25][random.whole(0, 19)] ?? 0,
    (drawn) => shareOf(sum(drawn), squares(drawn), drawn.length),
  ],
  [
    'a die in 12 matches',
    12,
    3.5,
    (random) => random.whole(1, 6),
    (drawn) => meanOf(sum(drawn), squares(drawn), drawn.length),
  ],
  [
    'lengths with a long tail in 1,000 matches',
    1000,
    20,
    (random) => waits(random, 0.05),
    (drawn) => meanOf(sum(drawn), squares(drawn), drawn.length),
  ],
]

test.each(KNOWN)('%s: the interval holds the truth in 94 to 96 of 100 runs', (what, n, truth, draw, told) => {
  let held = 0
  for (let run = 0; run < RUNS; run++) {
    const random = randomFor(mixedSeed(`${what} ${run}`))
    const { low, high } = told(Array.from({ length: n }, () => draw(random)))
    if (low <= truth && truth <= high) held++
  }
  expect(held / RUNS).toBeGreaterThanOrEqual(0.94)
  expect(held / RUNS).toBeLessThanOrEqual(0.96)
})
