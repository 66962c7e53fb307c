import { play, type GameFixture } from './fixture'

const spin = (by: number, by2: string, said?: number) =>
  play({ do: 'spin', by, sign: by2[0], step: Number(by2.slice(1)), ...(said === undefined ? {} : { said }) })
const open = { game: 'exact-landing' }

export const exactLanding: GameFixture = {
  seats: [2, 4],
  points: false,
  open,
  live: { ...open, entries: [spin(1, '+2', 7), spin(2, '-3', 2), spin(1, '-1', 5)] },
  match: {
    parts: { ...open, houseRules: { answers: 'must-be-right', under: 'lose-turn', finish: 'even-turns' } },
    lines: [
      ['+3', 'answer-missing', [5, 5]],
      ['+3 =8', 'ok', [8, 5]],
      ['-3 =3', 'wrong-answer', [8, 5]],
      ['−3 =2', 'ok', [8, 2]],
      ['+3', 'ok', [8, 2]],
      ['2: +1 =3', 'not-their-turn', [8, 2]],
      ['+4 =12', 'no-such-face', [8, 2]],
      ['+2 =10', 'ok', [10, 2]],
      ['-3', 'ok', [10, 2]],
    ],
    result: { winners: [1], shared: false, why: 'landed' },
  },
  slips: {
    'no-such-face': { ...open, entries: [spin(1, '+4')] },
    'bad-line': { ...open, entries: [{ ruling: { houseRules: { goal: 11 } } }] },
    'goal-out-of-reach': {
      ...open,
      houseRules: { steps: [2, 4], goal: 9 },
      entries: [{ ruling: { houseRules: { goal: 10 } } }],
    },
  },
  sentences: [
    [{ ...open, entries: [spin(1, '+3')] }, 'Ines stands on 8.'],
    [{ ...open, houseRules: { goal: 8 }, entries: [spin(1, '+3')] }, 'Ines lands on 8, the goal!'],
    [
      { ...open, houseRules: { start: 9 }, entries: [spin(1, '+3')] },
      '12 is off the line: Ines stays on 9 and spins again.',
    ],
    [
      { ...open, houseRules: { start: 1, under: 'lose-turn' }, entries: [spin(1, '-3')] },
      '−2 is off the line: Ines stays on 1, the turn is lost.',
    ],
    [
      { ...open, entries: [{ ruling: { houseRules: { goal: 11 } } }] },
      'Doesn’t stand: The goal must lie on the line from 0 to 10; it is 11.',
    ],
    [
      { ...open, houseRules: { steps: [2, 4], goal: 9 }, entries: [{ ruling: { houseRules: { goal: 10 } } }] },
      'Doesn’t stand: With steps of 2 and 4 nobody can ever land on 10 from 5. Choose another goal or other steps.',
    ],
  ],
  understood: [
    ['+3', { do: 'spin', by: 1, sign: '+', step: 3 }],
    [
      '2: spin -2 =3 !counted-on',
      { do: 'spin', by: 2, sign: '-', step: 2, said: 3, explained: true, how: 'counted-on' },
    ],
    ['s −2 = −3', { do: 'spin', by: 1, sign: '-', step: 2, said: -3 }],
  ],
  notUnderstood: [[''], ['3'], ['+'], ['++3']],
  may: { goal: 9, over: 'extend', under: 'lose-turn', finish: 'even-turns', answers: 'off' },
  amend: {
    parts: { ...open, entries: [spin(1, '+3', 7), spin(2, '-1')] },
    entry: 1,
    reads: /Ines spins \+3 and says 7/,
    touch: ['Another spin', 'Spun −2', /^Stands on 3, said 3/],
    becomes: 'Ines spins −2 and says 3',
    play: { do: 'spin', by: 1, sign: '-', step: 2, said: 3 },
  },
  byHand: {
    parts: { ...open, houseRules: { start: 8 } },
    steps: [
      { tap: 'Spun +3' },
      { verdict: '11 is off the line' },
      { tap: /^S?\s*Off the line: spin again/ },
      { turn: 'Ines' },
      { tap: 'Pointer between two fields: note it' },
      { tap: 'Spun −1' },
      { tap: 'Figure 6' },
      { verdict: 'Ines said 6; it is 7.' },
      { tap: /^Stands on 7, said 6/ },
      { turn: 'Tomasz' },
      { tap: 'How far is it, and which spin does it?' },
      { keys: '-3s' },
      { turn: 'Ines' },
      { keys: '+3' },
      { press: 's' },
      { wins: 'Ines wins' },
      { tape: '7 + 3 = 10' },
    ],
    entries: [
      spin(1, '+3'),
      { call: 'note', why: 'the pointer stood between two fields; the referee decided' },
      spin(1, '-1', 6),
      spin(2, '-3', 5),
      spin(1, '+3', 10),
    ],
  },
  board: {
    shows: ['Ines', 'Tomasz', '10'],
    last: 'Ines spins −1',
    next: spin(2, '+2', 4),
    then: [{ score: [2, '4'] }, { turn: 'Ines' }],
  },
}
