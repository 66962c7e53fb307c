import { play, type GameFixture } from './fixture'

const spin = (by: number, value: number, said?: number) =>
  play({ do: 'spin', by, value, ...(said === undefined ? {} : { said }) })
const open = { game: 'ten-turn-haul' }

export const tenTurnHaul: GameFixture = {
  seats: [1, 4],
  points: true,
  extraRound: true,
  open,
  live: { ...open, entries: [spin(1, 7, 7), spin(2, 9, 9), spin(1, 6, 14)] },
  match: {
    parts: { ...open, houseRules: { turns: 2, answers: 'must-be-right', faces: [3, 8, 8, 15] } },
    lines: [
      ['8', 'answer-missing', [0, 0]],
      ['8 =8', 'ok', [8, 0]],
      ['1: 8 =16', 'not-their-turn', [8, 0]],
      ['spin 4 =4', 'no-such-face', [8, 0]],
      ['15 =15', 'ok', [8, 15]],
      ['15 =22', 'wrong-answer', [8, 15]],
      ['15 =23', 'ok', [23, 15]],
      ['2: spin 8 =23', 'ok', [23, 23]],
    ],
    result: { winners: [1, 2], shared: true, why: 'highest-sum' },
  },
  slips: { 'no-such-face': { ...open, entries: [spin(1, 11)] } },
  sentences: [
    [{ ...open, entries: [spin(1, 7)] }, 'Ines has 7 now.'],
    [{ ...open, entries: [spin(1, 7, 8)] }, 'Ines has 7 now. Ines said 8; it is 7.'],
    [{ ...open, entries: [spin(1, 0)] }, 'Doesn’t stand: There is no 0 on it.'],
    [
      { ...open, houseRules: { answers: 'must-be-right' }, entries: [spin(1, 7)] },
      'Doesn’t stand: Ines has not said the running total yet.',
    ],
  ],
  understood: [
    ['7', { do: 'spin', by: 1, value: 7 }],
    ['2: spin 10 =34 !made-ten', { do: 'spin', by: 2, value: 10, said: 34, explained: true, how: 'made-ten' }],
    ['s 3 = 3', { do: 'spin', by: 1, value: 3, said: 3 }],
  ],
  notUnderstood: [[''], ['spin'], ['7 + 3'], ['=7']],
  may: { turns: 7, answers: 'off' },
  amend: {
    parts: { ...open, entries: [spin(1, 7, 8), spin(2, 1)] },
    entry: 1,
    reads: /Ines spins 7 and says 8/,
    touch: ['Another number', 'Spun 6', /^Total 6, said 6/],
    becomes: 'Ines spins 6 and says 6',
    play: { do: 'spin', by: 1, value: 6, said: 6 },
  },
  byHand: {
    parts: { ...open, houseRules: { turns: 2 } },
    steps: [
      { tap: 'Spun 8' },
      { tap: /^Total 8, said 8/ },
      { turn: 'Tomasz' },
      { keys: '7s' },
      { tap: 'Can anybody still catch up?' },
      { tap: 'Spun 5' },
      { tap: 'Figure 1' },
      { tap: 'Figure 4' },
      { verdict: 'Ines said 14; it is 13.' },
      { tap: /^Total 13, said 14/ },
      { turn: 'Tomasz' },
      { tap: 'Spun 10' },
      { press: 's' },
      { wins: 'Tomasz wins' },
      { tape: '7 + 10 = 17' },
    ],
    entries: [spin(1, 8, 8), spin(2, 7, 7), spin(1, 5, 14), spin(2, 10, 17)],
  },
  board: {
    shows: ['Ines', 'Tomasz', '6'],
    last: 'Ines spins 6',
    next: spin(2, 10, 19),
    then: [{ score: [2, '19'] }, { turn: 'Ines' }],
  },
}
