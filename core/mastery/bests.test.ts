import { bestYet, ownBests, type Finished } from '#core/mastery/bests'

const played = (score: number, day: number, more: Partial<Finished> = {}): Finished => ({
  ...{ match: `m${day}`, game: 'ten-turn-haul', houseRules: {}, players: 2, score, best: 'most', goal: null },
  at: `2026-11-${String(day).padStart(2, '0')}T10:00:00.000Z`,
  ...{ said: 0, wrong: 0 },
  ...more,
})

test.each([
  ['the most', 'most', null, [50, 61, 58], 61],
  ['the fewest', 'fewest', null, [12, 0, 7], 0],
  ['the nearest', 'nearest', 100, [90, 104, 97], 97],
  ['nothing where one plays to a score', null, null, [8, 8], undefined],
] as const)('own best: %s', (_what, best, goal, scores, top) => {
  const [own] = ownBests(scores.map((score, i) => played(score, i + 1, { best, goal })))
  expect(own!.top?.score).toBe(top)
  expect(own!.times).toBe(scores.length)
})

test('other rules are another best, and the order of naming them is none', () => {
  const bests = ownBests([
    played(50, 1, { houseRules: { turns: 5, tie: 'shared' } }),
    played(40, 2, { houseRules: { tie: 'shared', turns: 5 } }),
    played(90, 3),
  ])
  expect(bests.map(({ times, top }) => [times, top?.score])).toEqual([
    [1, 90],
    [2, 50],
  ])
})

test.each([
  ['better than ever before', [50, 61], { score: true, wrong: false }],
  ['as good as before is not better', [61, 61], { score: false, wrong: false }],
  ['the first of its kind', [61], { score: false, wrong: false }],
] as const)('best yet: %s', (_what, scores, yet) => {
  const all = scores.map((score, i) => played(score, i + 1))
  expect(bestYet(all, `m${scores.length}`)).toEqual(yet)
})

test('fewest wrong: of enough answers, against enough answers', () => {
  const of = (...all: readonly (readonly [said: number, wrong: number])[]) =>
    bestYet(
      all.map(([said, wrong], i) => played(10, i + 1, { said, wrong })),
      `m${all.length}`,
    ).wrong
  expect([of([8, 3], [9, 1]), of([8, 1], [9, 1]), of([2, 2], [9, 1]), of([8, 3], [3, 0])]).toEqual([
    true,
    false,
    false,
    false,
  ])
  expect(ownBests([played(1, 1, { said: 4, wrong: 0 })])[0]!.clearest).toBeNull()
})

test('a later match changes nothing of what was best then', () => {
  const all = [played(50, 1), played(61, 2), played(70, 3)]
  expect(bestYet(all, 'm2').score).toBe(true)
})
