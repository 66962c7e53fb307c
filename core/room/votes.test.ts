import { countVotes } from '#core/room/votes'

const on = (...votes: (number | null)[]) =>
  votes.map((count, i) => ({ value: i + 1, label: `${i + 1} rounds`, votes: count }))

test.each([
  ['most hands win', on(2, 5, 1), 1, 2, 'vote: 2 rounds 5, 1 rounds 2 and 3 rounds 1'],
  ['the rule may be kept', on(4, 1), 1, 1, 'vote: 1 rounds 4 and 2 rounds 1'],
  ['level: the rule in force stays', on(3, 3, 1), 2, 2, 'vote: 1 rounds 3, 2 rounds 3 and 3 rounds 1'],
  ['level without it: nothing is decided', on(3, 3, 1), 3, undefined, 'vote: 1 rounds 3, 2 rounds 3 and 3 rounds 1'],
])('%s', (_what, choices, now, value, why) =>
  expect(countVotes(choices, (each) => each === now)).toEqual({ value, why }),
)

test.each([
  ['not all counted', on(2, null)],
  ['nobody voted', on(0, 0)],
])('%s: no result yet', (_what, choices) => expect(countVotes(choices, () => true)).toBeNull())
