import { play, type GameFixture } from './fixture'

const rung = (by: number, roll: number, said?: number) =>
  play({ do: 'rung', by, roll, ...(said === undefined ? {} : { said }) })
const open = { game: 'table-ladder' }
const race = { ...open, houseRules: { order: 'race', rungs: 2, factors: [3, 4] } }

export const tableLadder: GameFixture = {
  seats: [1, 4],
  points: false,
  open,
  live: {
    ...open,
    houseRules: { answers: 'noted', factors: [7, 8] },
    entries: [rung(1, 6, 42), rung(2, 4, 30), rung(1, 9, 63)],
  },
  match: {
    parts: { ...open, houseRules: { answers: 'noted', win: 'most-right', rungs: 2, factors: [3, 4] } },
    lines: [
      ['7 =20', 'ok', [0, 0]],
      ['13 =52', 'no-such-face', [0, 0]],
      ['2: 7 =28', 'ok', [0, 1]],
      ['2: 7 =28', 'not-their-turn', [0, 1]],
      ['12 =36', 'ok', [1, 1]],
      ['1', 'ok', [1, 1]],
    ],
    result: { winners: [1, 2], shared: true, why: 'most-right' },
  },
  slips: {
    'no-such-face': { ...open, entries: [rung(1, 13)] },
    'ladder-full': {
      ...open,
      houseRules: { order: 'race', win: 'most-right', rungs: 1 },
      entries: [rung(1, 2, 6), rung(1, 2, 6)],
    },
  },
  sentences: [
    [{ ...open, entries: [rung(1, 7, 21)] }, 'Ines fills rung 1 of 10.'],
    [{ ...open, entries: [rung(1, 7, 20)] }, 'Doesn’t stand: Ines said 20; it is 21.'],
    [
      { ...open, houseRules: { answers: 'noted' }, entries: [rung(1, 7, 20)] },
      'Ines fills rung 1 of 10, but it does not count as right. Ines said 20; it is 21.',
    ],
    [
      { ...open, houseRules: { answers: 'noted' }, entries: [rung(1, 7)] },
      'Ines fills rung 1 of 10, but it does not count as right: nothing was said.',
    ],
    [
      { ...open, houseRules: { order: 'race', win: 'most-right', rungs: 1 }, entries: [rung(1, 2, 6), rung(1, 2, 6)] },
      'Doesn’t stand: Ines’s ladder is full: all 1 rung is filled.',
    ],
  ],
  understood: [
    ['7 =21', { do: 'rung', by: 1, roll: 7, said: 21 }],
    ['2: rung 12 =36 !skip-counted', { do: 'rung', by: 2, roll: 12, said: 36, explained: true, how: 'skip-counted' }],
    ['r 3', { do: 'rung', by: 1, roll: 3 }],
    ['2: 3 =12', { do: 'rung', by: 2, roll: 3, said: 12 }, race],
  ],
  notUnderstood: [[''], ['rung'], ['3 x 7'], ['7 =21', race]],
  may: { answers: 'off' },
  amend: {
    parts: { ...open, entries: [rung(1, 7, 21), rung(2, 1, 3)] },
    entry: 1,
    reads: /Ines rolls 7: 3 × 7, and says 21/,
    touch: ['Another roll', 'Rolled a 8', /^24, said 24/],
    becomes: 'Ines rolls 8: 3 × 8, and says 24',
    play: { do: 'rung', by: 1, roll: 8, said: 24 },
  },
  byHand: {
    parts: race,
    steps: [
      // Both halves of the pad at once: what one records leaves the other’s roll and figures alone.
      { tap: 'Ines rolled a 7' },
      { tap: 'Tomasz rolled a 6' },
      { tap: 'A way to the product?' },
      { tap: /^S?\s*21, said 21/ },
      { score: [1, '1'] },
      { tap: 'Ines rolled a 4' },
      { press: 'l' },
      { score: [2, '1'] },
      { tap: 'Tomasz rolled a 12' },
      { press: 's' },
      { wins: 'Ines wins' },
      { tape: '4 × 6 = 24' },
    ],
    entries: [rung(1, 7, 21), rung(2, 6, 24), rung(1, 4, 12)],
  },
  board: {
    shows: ['Ines', 'Tomasz', '7 ×'],
    last: 'Ines rolls 9: 7 × 9',
    next: rung(2, 3, 24),
    then: [{ score: [2, '2'] }, { turn: 'Ines' }],
  },
}
