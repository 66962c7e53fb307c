import { play, type GameFixture } from './fixture'

const take = (by: number, tiles: number[][], turned = false) =>
  play({ do: 'take', by, tiles, ...(turned ? { turned: true } : {}) })
const turn = (by: number, card: number) => play({ do: 'turn', by, card })
const done = (by: number) => play({ do: 'done', by })
const ROOF = [[4], [6, 5], [3, 7, 8]]
const open = {
  game: 'roof-tiles',
  players: ['Ines', 'Bao'],
  houseRules: { rows: 3 },
  opening: { layouts: [ROOF, ROOF] },
}
const TWO = {
  game: 'roof-tiles',
  houseRules: { rows: 2, passes: 2 },
  opening: {
    layouts: [
      [[4], [3, 7]],
      [[9], [5, 6]],
    ],
  },
}
const SMALL = { low: 1, high: 3, copies: 1 }

export const roofTiles: GameFixture = {
  seats: [1, 8],
  points: false,
  open,
  live: { ...TWO, houseRules: { rows: 2 }, entries: [turn(2, 4)] },
  match: {
    parts: TWO,
    lines: [
      ['1: 1.1', 'covered', [14, 20]],
      ['1: 2.1 2.2', 'ok', [4, 20]],
      ['2: 2.1 2.2', 'wrong-total', [4, 20]],
      ['2: t5', 'ok', [4, 20]],
      ['2: 2.1 t', 'ok', [4, 15]],
      ['2: 2.1', 'already-gone', [4, 15]],
      ['1: 1.1 t', 'nothing-turned', [4, 15]],
      ['1: t6', 'ok', [4, 15]],
      ['1: 1.1 t', 'ok', [0, 15]],
      ['1: t6', 'not-now', [0, 15]],
      ['2: done', 'ok', [0, 15]],
    ],
    result: { winners: [1], shared: false, why: 'least-left' },
  },
  slips: {
    'no-such-tile': { ...open, entries: [take(1, [[4, 1]])] },
    'already-gone': {
      ...open,
      entries: [
        take(1, [
          [3, 1],
          [3, 1],
        ]),
      ],
    },
    covered: { ...open, entries: [take(1, [[2, 1]])] },
    'too-many-tiles': {
      ...open,
      entries: [
        take(1, [
          [3, 1],
          [3, 2],
          [3, 3],
        ]),
      ],
    },
    'nothing-turned': { ...open, entries: [take(1, [], true)] },
    'wrong-total': {
      ...open,
      entries: [
        take(1, [
          [3, 1],
          [3, 3],
        ]),
      ],
    },
    'stock-empty': {
      game: 'roof-tiles',
      players: ['Ines'],
      houseRules: { rows: 1, target: 3, pack: SMALL },
      opening: { layouts: [[[2]]] },
      entries: [turn(1, 3), turn(1, 1), turn(1, 1)],
    },
    'seen-different': {
      game: 'roof-tiles',
      players: ['Ines'],
      houseRules: { rows: 1, target: 5, passes: 2, pack: SMALL },
      opening: { layouts: [[[1]]] },
      entries: [turn(1, 3), turn(1, 2), turn(1, 2)],
    },
  },
  sentences: [
    [
      { ...open, entries: [take(1, [[4, 1]])] },
      'Doesn’t stand: There is no tile 1 of row 4; row 3 is the lowest, and row 1 has one tile.',
    ],
    [
      { ...open, entries: [take(1, [[2, 1]])] },
      'Doesn’t stand: The tile 1 of row 2 is still half covered by the row below.',
    ],
    [
      {
        ...open,
        entries: [
          take(1, [
            [3, 1],
            [3, 2],
          ]),
          take(1, [[3, 1]]),
        ],
      },
      'Doesn’t stand: The tile 1 of row 3 is gone already.',
    ],
    [
      {
        ...open,
        entries: [
          take(1, [
            [3, 1],
            [3, 2],
            [3, 3],
          ]),
        ],
      },
      'Doesn’t stand: Two cards come off at most; these are 3.',
    ],
    [{ ...open, entries: [take(1, [], true)] }, 'Doesn’t stand: No turned card is in reach.'],
    [{ ...open, entries: [turn(1, 8)] }, 'An 8 is turned; 33 cards are left in the stock.'],
    [
      {
        ...open,
        entries: [
          take(1, [
            [3, 1],
            [3, 2],
          ]),
        ],
      },
      '3 and 7 come off; 4 tiles are left.',
    ],
    [
      { ...open, houseRules: { rows: 3, target: 8 }, entries: [take(1, [[3, 3]])] },
      '8 is the target by itself and comes off; 5 tiles are left.',
    ],
    [
      {
        ...open,
        entries: [
          take(1, [
            [3, 1],
            [3, 2],
          ]),
          done(1),
        ],
      },
      'Stopped. Ines has 23 left.',
    ],
    [
      {
        game: 'roof-tiles',
        players: ['Ines'],
        houseRules: { rows: 1 },
        opening: { layouts: [[[10]]] },
        entries: [take(1, [[1, 1]])],
      },
      '10 is the target by itself and comes off; 0 tiles are left. The roof is cleared! 0 left is perfect.',
    ],
    [
      { ...open, entries: [{ amend: 0, opening: { layouts: [ROOF, [[9], [5, 6], [1, 2, 3]]] }, why: 'mistyped' }] },
      'What was laid out before play was put right (mistyped).',
    ],
  ],
  understood: [
    [
      '1: 6.1 6.3',
      {
        do: 'take',
        by: 1,
        tiles: [
          [6, 1],
          [6, 3],
        ],
      },
    ],
    ['2: 6.2 t', { do: 'take', by: 2, tiles: [[6, 2]], turned: true }],
    ['2: +', { do: 'take', by: 2, tiles: [], turned: true }],
    ['1: t7', { do: 'turn', by: 1, card: 7 }],
    ['1: done', { do: 'done', by: 1 }],
    ['t5', { do: 'turn', by: 2, card: 5 }, { ...open, entries: [done(1)] }],
  ],
  notUnderstood: [['1: 6,1'], ['1: turn'], ['']],
  may: { passes: 3 },
  amend: {
    parts: {
      ...open,
      entries: [
        take(1, [
          [3, 1],
          [3, 2],
        ]),
        turn(1, 4),
      ],
    },
    entry: 2,
    reads: /Ines turns a 4/,
    touch: ['Turned a 9'],
    becomes: 'Ines turns a 9',
    play: { do: 'turn', by: 1, card: 9 },
  },
  byHand: {
    parts: { ...open, houseRules: { rows: 3, pack: { low: 1, high: 10, copies: 2 } } },
    steps: [
      { tap: 'Tile 3.1: 3' },
      { tap: 'Tile 3.3: 8' },
      { verdict: 'That makes 11, and 10 is needed.' },
      { tap: 'Clear it' },
      { tap: 'Tile 3.1: 3' },
      { tap: 'Tile 3.2: 7' },
      { score: [1, '23'] },
      { tap: 'Turned a 4' },
      { tap: 'Tile 2.1: 6' },
      { tap: 'The turned card: 4' },
      { score: [1, '17'] },
      { tap: 'Ines stops' },
      { tap: 'Tile 3.1: 3' },
      { tap: 'Tile 3.2: 7' },
      { tap: 'What can be taken' },
      { tap: 'Bao stops' },
      { wins: 'Ines wins' },
    ],
    entries: [
      take(1, [
        [3, 1],
        [3, 2],
      ]),
      turn(1, 4),
      take(1, [[2, 1]], true),
      done(1),
      take(2, [
        [3, 1],
        [3, 2],
      ]),
      done(2),
    ],
  },
  board: {
    shows: ['Ines', 'Tomasz'],
    hides: ['"order":['],
    last: 'Tomasz turns a 4',
    next: take(1, [
      [2, 1],
      [2, 2],
    ]),
    then: [{ score: [1, '4'] }],
  },
  reopening: { opening: { layouts: [ROOF, [[9], [5, 6], [1, 2, 3]]] }, bad: { layouts: [ROOF] } },
}
