import { play, type GameFixture } from './fixture'

const put = (by: number, card: number, row: number, column: number, more: object = {}) =>
  play({ do: 'place', by, card, at: [row, column], ...more })
const pass = (by: number) => play({ do: 'pass', by })
const open = { game: 'six-heaps' }
const SMALL = { pack: { low: 7, high: 8, copies: 3 }, hand: 2, rows: 1, columns: 2, target: 15 }

export const sixHeaps: GameFixture = {
  seats: [2, 4],
  points: true,
  open,
  live: { ...open, entries: [put(1, 8, 1, 1), put(2, 6, 2, 1), put(1, 3, 1, 2)] },
  match: {
    parts: { ...open, houseRules: { goal: 3 } },
    lines: [
      ['8 11', 'ok', [0, 0]],
      ['6 21', 'ok', [0, 1]],
      ['6 2.1', 'same-number', [0, 1]],
      ['11 22', 'no-such-card', [0, 1]],
      ['1: 5 3.1', 'no-such-heap', [0, 1]],
      ['5 12', 'ok', [0, 1]],
      ['pass', 'can-still-place', [0, 1]],
      ['1 13', 'ok', [0, 2]],
      ['9 22', 'ok', [1, 2]],
      ['2: place 10 1.2', 'ok', [1, 2]],
      ['5 12', 'ok', [3, 2]],
    ],
    result: { winners: [1], shared: false, why: 'goal-reached' },
  },
  slips: {
    'no-such-card': { ...open, entries: [put(1, 11, 1, 1)] },
    'too-many-copies': {
      ...open,
      houseRules: { pack: { low: 5, high: 9, copies: 2 }, hand: 2 },
      entries: [put(1, 5, 1, 1), put(2, 5, 1, 2), put(1, 5, 1, 3)],
    },
    'stock-empty': { ...open, houseRules: { ...SMALL, hand: 3 }, entries: [put(1, 7, 1, 1, { drew: 8 })] },
    'no-such-heap': { ...open, entries: [put(1, 5, 3, 1)] },
    'same-number': { ...open, entries: [put(1, 5, 1, 1), put(2, 5, 1, 1)] },
    'not-in-hand': {
      ...open,
      houseRules: { ...SMALL, pack: { low: 7, high: 8, copies: 2 }, hand: 1 },
      entries: [put(1, 7, 1, 1, { drew: 7 }), put(2, 7, 1, 2)],
    },
    'can-still-place': { ...open, entries: [pass(1)] },
  },
  sentences: [
    [{ ...open, entries: [put(1, 8, 1, 1)] }, 'No line; Ines has 0.'],
    [{ ...open, entries: [put(1, 8, 1, 1), put(2, 6, 2, 1)] }, '1 line: Tomasz has 1 now.'],
    [
      { ...open, houseRules: { counted: 'spotted' }, entries: [put(1, 8, 1, 1), put(2, 6, 2, 1)] },
      'No line; Tomasz has 0. Overlooked: 8 + 6.',
    ],
    [
      {
        ...open,
        houseRules: { counted: 'spotted' },
        entries: [
          put(1, 8, 1, 1),
          put(2, 5, 2, 1, {
            spotted: [
              [
                [1, 1],
                [2, 1],
              ],
            ],
          }),
        ],
      },
      'No line; Tomasz has 0. 1 line named that does not make 14.',
    ],
    [
      { ...open, entries: [put(1, 5, 1, 1), put(2, 5, 1, 1)] },
      'Doesn’t stand: A 5 lies there already: a card never goes onto its own number.',
    ],
    [
      { ...open, entries: [put(1, 5, 3, 1)] },
      'Doesn’t stand: There is no heap at row 3, column 1; there are 2 rows of 3.',
    ],
    [
      { ...open, entries: [pass(1)] },
      'Doesn’t stand: Ines can still place a card: not every heap shows the same number.',
    ],
    [
      { ...open, houseRules: SMALL, entries: [put(1, 7, 1, 1), put(2, 7, 1, 2), pass(1)] },
      'Doesn’t stand: Ines holds another number than 7 and can still place it.',
    ],
  ],
  understood: [
    ['7 23', { do: 'place', by: 1, card: 7, at: [2, 3] }],
    [
      '2: place 10 1.2 +5 !knew-it',
      { do: 'place', by: 2, card: 10, at: [1, 2], drew: 5, explained: true, how: 'knew-it' },
    ],
    [
      '7 23 / 1.3,2.3 2.1,2.2,2.3',
      {
        do: 'place',
        by: 1,
        card: 7,
        at: [2, 3],
        spotted: [
          [
            [1, 3],
            [2, 3],
          ],
          [
            [2, 1],
            [2, 2],
            [2, 3],
          ],
        ],
      },
    ],
    ['7 23 /', { do: 'place', by: 1, card: 7, at: [2, 3], spotted: [] }],
    ['pass', { do: 'pass', by: 1 }],
  ],
  notUnderstood: [[''], ['7'], ['7 2'], ['7 23 / x'], ['place 23']],
  may: { counted: 'spotted', goal: 12 },
  amend: {
    parts: { ...open, entries: [put(1, 8, 1, 1), put(2, 6, 1, 1)] },
    entry: 1,
    reads: /Ines puts the 8 at row 1, column 1/,
    touch: ['Card 8', 'Card 9', 'Put it on the bare place in row 1, column 2'],
    becomes: 'Ines puts the 9 at row 1, column 2',
    play: { do: 'place', by: 1, card: 9, at: [1, 2] },
  },
  byHand: {
    parts: { ...open, houseRules: { counted: 'spotted', goal: 3 } },
    steps: [
      { tap: 'Card 8' },
      { tap: 'Put it on the bare place in row 1, column 1' },
      { turn: 'Tomasz' },
      { keys: '621' },
      { tap: /^8 \+ 6/ },
      { score: [2, '1'] },
      { tap: 'Where would each card score?' },
      { tap: 'Card 5' },
      { tap: 'Put it on the bare place in row 1, column 2' },
      { tap: /No line named/ },
      { tap: 'Card 6' },
      { tap: 'Put it onto the 6 in row 2, column 1' },
      { verdict: /A 6 lies there already/ },
      { tap: 'Card 6' },
      { tap: 'Card 1' },
      { tap: 'Put it on the bare place in row 1, column 3' },
      { tap: /^8 \+ 5 \+ 1/ },
      { tap: 'This line was named' },
      { score: [2, '2'] },
      { tap: 'Card 9' },
      { tap: 'Put it on the bare place in row 2, column 2' },
      { press: 'n' },
      { verdict: 'Overlooked: 5 + 9' },
      { tap: 'Card 3' },
      { tap: 'Put it onto the 6 in row 2, column 1' },
      { press: 'n' },
      { tap: 'Card 10' },
      { tap: 'Put it onto the 9 in row 2, column 2' },
      { press: 'n' },
      { tap: 'Card 4' },
      { tap: 'Put it onto the 3 in row 2, column 1' },
      { press: 'a' },
      { wins: 'Tomasz wins' },
    ],
    entries: [
      put(1, 8, 1, 1, { spotted: [] }),
      put(2, 6, 2, 1, {
        spotted: [
          [
            [1, 1],
            [2, 1],
          ],
        ],
      }),
      put(1, 5, 1, 2, { spotted: [] }),
      put(2, 1, 1, 3, {
        spotted: [
          [
            [1, 1],
            [1, 2],
            [1, 3],
          ],
        ],
      }),
      put(1, 9, 2, 2, { spotted: [] }),
      put(2, 3, 2, 1, { spotted: [] }),
      put(1, 10, 2, 2, { spotted: [] }),
      put(2, 4, 2, 1, {
        spotted: [
          [
            [2, 1],
            [2, 2],
          ],
        ],
      }),
    ],
  },
  board: {
    shows: ['a line makes', 'stock'],
    last: 'Ines puts the 3',
    next: put(2, 10, 2, 1, {}),
    then: [{ turn: 'Ines' }],
  },
}
