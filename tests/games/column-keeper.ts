import { play, type GameFixture } from './fixture'

const put = (by: number, card: number, where: string) => play({ do: 'put', by, card, in: where })
const total = (by: number, said: number) => play({ do: 'total', by, said })
const TWO = { columns: 2, perColumn: 1, discards: 0 }
const open = { game: 'column-keeper' }
const small = { ...open, houseRules: TWO }
const FULL = [put(1, 5, 'tens'), put(2, 4, 'tens'), put(1, 1, 'ones'), put(2, 2, 'ones')]

export const columnKeeper: GameFixture = {
  seats: [1, 4],
  points: true,
  extraRound: true,
  open,
  live: { ...open, houseRules: { ...TWO, rounds: 1 }, entries: [...FULL, total(1, 51)] },
  match: {
    parts: { ...open, houseRules: { ...TWO, rounds: 1, tie: 'extra-round' } },
    lines: [
      ['7t', 'ok', [0, 0]],
      ['7t', 'ok', [0, 0]],
      ['3t', 'column-full', [0, 0]],
      ['3o', 'ok', [0, 0]],
      ['3o', 'ok', [0, 0]],
      ['=73', 'ok', [0, 0]],
      ['=37', 'ok', [1, 1]],
      ['9t', 'ok', [1, 1]],
      ['2o', 'ok', [1, 1]],
      ['1o', 'ok', [1, 1]],
      ['8t', 'ok', [1, 1]],
      ['=91', 'ok', [1, 1]],
      ['=82', 'ok', [2, 1]],
    ],
    result: { winners: [1], shared: false, why: 'most-rounds' },
  },
  slips: {
    'no-such-column': { ...small, entries: [put(1, 5, 'hundreds')] },
    'column-full': { ...small, entries: [put(1, 5, 'ones'), put(2, 5, 'ones'), put(1, 4, 'ones')] },
    'no-discards-left': { ...small, entries: [put(1, 5, 'aside')] },
    'no-such-card': { ...open, entries: [put(1, 10, 'ones')] },
    'too-many-copies': {
      ...open,
      houseRules: { ...TWO, pack: { low: 1, high: 9, copies: 1 } },
      entries: [put(1, 5, 'ones'), put(2, 5, 'ones')],
    },
  },
  sentences: [
    [
      { ...small, entries: [put(1, 5, 'hundreds')] },
      'Doesn’t stand: There is no column for hundreds; there are ones and tens.',
    ],
    [{ ...small, entries: [put(1, 5, 'aside')] }, 'Doesn’t stand: Nothing may be thrown away: it needs a column.'],
    [
      { ...small, entries: [put(1, 5, 'ones'), put(2, 5, 'ones'), put(1, 4, 'ones')] },
      'Doesn’t stand: The ones hold 1 card already.',
    ],
    [{ ...small, entries: [...FULL, total(1, 15)] }, 'Ines has 51. Ines said 15; it is 51.'],
    [{ ...small, entries: [...FULL, total(1, 51), total(2, 42)] }, 'Tomasz has 42. Ines takes round 1 with 51.'],
  ],
  understood: [
    ['7t', { do: 'put', by: 1, card: 7, in: 'tens' }],
    ['put 3 aside', { do: 'put', by: 1, card: 3, in: 'aside' }],
    ['2: 4m', { do: 'put', by: 2, card: 4, in: 'thousands' }],
    ['=1182', { do: 'total', by: 1, said: 1182 }],
  ],
  notUnderstood: [['7q'], ['total'], ['put tens']],
  may: { rounds: 7, answers: 'off' },
  amend: {
    parts: { ...open, entries: [put(1, 7, 'ones'), put(2, 8, 'tens')] },
    entry: 1,
    reads: /Ines puts the 7 in the ones/,
    touch: ['Put it in the hundreds'],
    becomes: 'Ines puts the 7 in the hundreds',
    play: { do: 'put', by: 1, card: 7, in: 'hundreds' },
  },
  byHand: {
    parts: { ...open, houseRules: { columns: 2, discards: 1, rounds: 1 } },
    steps: [
      ...(
        [
          [7, 'ones'],
          [1, 'aside'],
          [9, 'tens'],
          [9, 'tens'],
          [5, 'ones'],
          [2, 'ones'],
          [8, 'tens'],
          [3, 'ones'],
        ] as const
      ).flatMap(([card, where]) => [
        { tap: `Drew a ${card}` },
        { tap: where === 'aside' ? 'Throw it away' : `Put it in the ${where}` },
      ]),
      { tap: 'Drew a 4' },
      { tap: 'Was put in the ones, which are full' },
      { verdict: 'The ones hold 2 cards already' },
      { tap: 'Keep it as tried' },
      { tap: 'Throw it away' },
      { keys: '6t' },
      { tap: /^Told the total, said 182/ },
      { tap: 'Figure 1' },
      { tap: 'Figure 6' },
      { tap: 'Figure 0' },
      { verdict: 'Tomasz said 160; it is 155.' },
      { tap: /^Told the total, said 160/ },
      { wins: 'Ines wins' },
      { tape: 'ones 7 + 5 = 12: 2, carry 1' },
    ],
    entries: [
      put(1, 7, 'ones'),
      put(2, 1, 'aside'),
      put(1, 9, 'tens'),
      put(2, 9, 'tens'),
      put(1, 5, 'ones'),
      put(2, 2, 'ones'),
      put(1, 8, 'tens'),
      put(2, 3, 'ones'),
      put(1, 4, 'ones'),
      put(1, 4, 'aside'),
      put(2, 6, 'tens'),
      total(1, 182),
      total(2, 160),
    ],
  },
  board: {
    shows: ['51'],
    hides: [/\b42\b/],
    last: 'Ines says the total is 51',
    next: total(2, 42),
    then: [{ score: [1, '1'] }],
  },
}
