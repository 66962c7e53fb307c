import { play, type GameFixture } from './fixture'

const go = (by: number, dice: number[], hundreds: number, ...order: string[]) =>
  play({ do: 'travel', by, dice, hundreds, order })
const open = { game: 'hundred-stops' }

export const hundredStops: GameFixture = {
  seats: [2, 4],
  points: true,
  extraRound: true,
  open,
  live: { ...open, entries: [go(1, [5, 4], 2, 'h', 't9', 'h')] },
  match: {
    parts: { ...open, houseRules: { end: 400 } },
    lines: [
      ['54 1 t9 h', 'ok', [0, 0]],
      ['54 1 h t1', 'tens-not-spent', [0, 0]],
      ['54 1 h t9 = 290', 'ok', [0, 1]],
      ['16 2 h h t7', 'ok', [1, 1]],
      ['11 1 t1 h t1', 'ok', [1, 3]],
    ],
    result: { winners: [2], shared: false, why: 'most-tokens' },
  },
  slips: {
    'no-such-face': { ...open, entries: [go(1, [7, 1], 1, 't8', 'h')] },
    'wrong-dice-count': { ...open, entries: [go(1, [5], 1, 't5', 'h')] },
    'tens-not-spent': { ...open, entries: [go(1, [5, 4], 1, 't1', 'h')] },
    'hundreds-not-spent': { ...open, entries: [go(1, [5, 4], 2, 't9', 'h')] },
  },
  sentences: [
    [
      { ...open, entries: [go(1, [5, 4], 1, 't1', 'h')] },
      'Doesn’t stand: The dice make 9 tens; the order walks 1. Tens are tens, not ones: spend them all and no more.',
    ],
    [
      { ...open, entries: [go(1, [5, 4], 2, 't9', 'h')] },
      'Doesn’t stand: The spinner says 2 hops of 100; the order has 1.',
    ],
    [{ ...open, entries: [go(1, [5], 1, 't5', 'h')] }, 'Doesn’t stand: 2 dice are rolled; 1 is given.'],
    [{ ...open, entries: [go(1, [5, 5], 1, 'h', 't10')] }, 'Ines ends on 300 and takes 2 tokens (200 and 300).'],
    [
      { ...open, entries: [{ ruling: { houseRules: { finish: 'all-home' } }, why: 'vote, 2 to 0' }] },
      'The end: all home from now on (vote, 2 to 0).',
    ],
    [
      { ...open, entries: [{ ruling: { houseRules: { end: 900 } } }] },
      'Doesn’t stand: “end” can’t change in the middle of a match.',
    ],
  ],
  understood: [
    ['54 2 h t9 h', { do: 'travel', by: 1, dice: [5, 4], hundreds: 2, order: ['h', 't9', 'h'] }],
    [
      '2: 5 4 / 1 / ht9 = 290 ?',
      { do: 'travel', by: 2, dice: [5, 4], hundreds: 1, order: ['h', 't9'], said: 290, explained: false },
    ],
  ],
  notUnderstood: [['54 h t9'], ['54 2 h x9']],
  may: { finish: 'at-once', answers: 'off' },
  amend: {
    parts: { ...open, houseRules: { dice: 1 }, entries: [go(1, [2], 1, 't2', 'h')] },
    entry: 1,
    reads: /Ines rolls 2, spins 1/,
    touch: ['Remove the last', 'Remove the last', /^Hop 100/, /^Walk 10/, /^Ends on 220, said 220/],
    becomes: 'Ines rolls 2, spins 1: walks 1 ten, hops 100 and walks 1 ten and says 220',
    play: { do: 'travel', by: 1, dice: [2], hundreds: 1, order: ['t1', 'h', 't1'], said: 220 },
  },
  byHand: {
    parts: { ...open, houseRules: { end: 300 } },
    steps: [
      { tap: 'Rolled a 6' },
      { tap: 'Rolled a 6' },
      { tap: 'Spun 3 hundred' },
      { tap: /^Go to 200/ },
      { tap: /^Hop 100/ },
      { tap: 'Home: the rest is dropped' },
      { verdict: 'Ines ends on 300 and takes 2 tokens (200 and 300). Home!' },
      { tap: /^Ends on 300, said 300/ },
      { turn: 'Tomasz' },
      { tap: 'Rolled a 1' },
      { tap: 'Rolled a 1' },
      { tap: 'Spun 1 hundred' },
      { tap: 'Walk all 2' },
      { tap: /^Hop 100/ },
      { tap: 'Figure 2' },
      { tap: 'Figure 3' },
      { tap: 'Figure 0' },
      { verdict: 'Tomasz said 230; it is 220.' },
      { tap: /^Ends on 220, said 230/ },
      { wins: 'Ines wins' },
    ],
    entries: [
      play({ do: 'travel', by: 1, dice: [6, 6], hundreds: 3, order: ['h', 'h', 'h', 't12'], said: 300 }),
      play({ do: 'travel', by: 2, dice: [1, 1], hundreds: 1, order: ['t2', 'h'], said: 230 }),
    ],
  },
  board: {
    shows: ['100', '1200'],
    last: 'Ines rolls 5 4, spins 2: hops 100, walks 9 tens and hops 100',
    next: go(2, [5, 5], 1, 'h', 't10'),
    then: [{ score: [2, '2'] }, { turn: 'Ines' }],
  },
}
