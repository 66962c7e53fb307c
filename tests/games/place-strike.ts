import { play, type GameFixture } from './fixture'

const strike = (by: number, digit: number, place: number, number: number) =>
  play({ do: 'strike', by, digit, place, number })
const none = (by: number, digit: number, place: number) => play({ do: 'none', by, digit, place })
const SMALL = { numbers: 2, digits: 3, strikes: 2 }
const BOARDS = [
  ['352', '416'],
  ['124', '653'],
]
const open = { game: 'place-strike', houseRules: SMALL, opening: { boards: BOARDS } }

export const placeStrike: GameFixture = {
  seats: [2, 4],
  points: false,
  open,
  live: { ...open, entries: [strike(1, 5, 2, 1), none(2, 1, 1)] },
  match: {
    parts: open,
    lines: [
      ['521', 'ok', [1, 0]],
      ['51-', 'ok', [1, 0]],
      ['1: 31 2', 'no-match', [1, 0]],
      ['1: strike 5 at 2 in 1', 'already-struck', [1, 0]],
      ['71 1', 'no-such-face', [1, 0]],
      ['14 1', 'no-such-face', [1, 0]],
      ['41 3', 'no-such-number', [1, 0]],
      ['none 6 at 1', 'has-a-match', [1, 0]],
      ['6o2', 'ok', [1, 0]],
      ['1: none 1 at 1', 'not-their-turn', [1, 0]],
      ['none 6 at 2', 'ok', [1, 0]],
      ['1t2', 'ok', [2, 0]],
    ],
    result: { winners: [1], shared: false, why: 'struck-out' },
  },
  slips: {
    'no-such-face': { ...open, entries: [none(1, 7, 1)] },
    'no-such-number': { ...open, entries: [strike(1, 5, 2, 3)] },
    'already-struck': { ...open, entries: [strike(1, 5, 2, 1), none(2, 1, 1), strike(1, 5, 2, 1)] },
    'no-match': { ...open, entries: [strike(1, 5, 1, 1)] },
    'has-a-match': { ...open, entries: [none(1, 5, 2)] },
  },
  sentences: [
    [{ ...open, entries: [strike(1, 5, 2, 1)] }, '5 in the tens is 50, in number 1: Ines has 1 of 2 there.'],
    [{ ...open, entries: [none(1, 1, 1)] }, 'Ines has no 1 in the ones to strike.'],
    [{ ...open, entries: [strike(1, 5, 1, 1)] }, 'Doesn’t stand: In number 1, 352, the ones are 2 (2), not 5.'],
    [{ ...open, entries: [none(1, 5, 2)] }, 'Doesn’t stand: Look once more at number 1: 352 has 5 in the tens.'],
    [{ ...open, entries: [strike(1, 5, 2, 0)] }, 'Doesn’t stand: There is no number 0; there are two.'],
  ],
  understood: [
    ['432', { do: 'strike', by: 1, digit: 4, place: 3, number: 2 }],
    ['4h2', { do: 'strike', by: 1, digit: 4, place: 3, number: 2 }],
    ['4tt 10', { do: 'strike', by: 1, digit: 4, place: 5, number: 10 }],
    ['43-', { do: 'none', by: 1, digit: 4, place: 3 }],
    [
      '2: strike 4 at th in 1 !other',
      { do: 'strike', by: 2, digit: 4, place: 4, number: 1, explained: true, how: 'other' },
    ],
    ['2: none 4 at 6', { do: 'none', by: 2, digit: 4, place: 6 }],
  ],
  notUnderstood: [[''], ['4'], ['43'], ['strike 4 at 3'], ['none 4 at 3 in 2'], ['4x2']],
  may: { mustStrike: false, finish: 'even-turns' },
  amend: {
    parts: { ...open, entries: [strike(1, 5, 2, 1), none(2, 1, 1)] },
    entry: 1,
    reads: /Ines strikes 5 in the tens of 352/,
    touch: ['Digit 4', /^hundreds 3/, 'Number 2: 416'],
    becomes: 'Ines strikes 4 in the hundreds of 416',
    play: { do: 'strike', by: 1, digit: 4, place: 3, number: 2 },
  },
  byHand: {
    parts: open,
    steps: [
      { tap: 'Digit 5' },
      { tap: /^tens 2/ },
      { tap: 'Number 1: 352' },
      { score: [1, '1'] },
      { keys: '12n' },
      { turn: 'Ines' },
      { tap: 'Which rolls would strike?' },
      { tap: 'Digit 6' },
      { tap: /^ones 1/ },
      { tap: /^None/ },
      { verdict: 'Look once more at number 2: 416 has 6 in the ones.' },
      { tap: 'Show matches' },
      { tap: 'In number 2' },
      { turn: 'Tomasz' },
      { keys: '52' },
      { keys: '2' },
      { turn: 'Ines' },
      { keys: '3h1' },
      { wins: 'Ines wins' },
    ],
    entries: [strike(1, 5, 2, 1), none(2, 1, 2), strike(1, 6, 1, 2), strike(2, 5, 2, 2), strike(1, 3, 3, 1)],
  },
  board: {
    shows: ['Ines', 'Tomasz', 'H'],
    last: 'Tomasz has no 1 in the ones',
    next: strike(1, 3, 3, 1),
    then: [{ score: [1, '2'] }],
  },
  reopening: { opening: { boards: [BOARDS[1], BOARDS[0]] }, bad: { boards: [['352', '4x6'], BOARDS[1]] } },
}
