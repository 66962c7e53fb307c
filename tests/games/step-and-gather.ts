import { play, type GameFixture } from './fixture'

const step = (by: number, roll: number, said?: number, landed?: number) =>
  play({ do: 'step', by, roll, ...(landed === undefined ? {} : { landed }), ...(said === undefined ? {} : { said }) })
const open = { game: 'step-and-gather' }
const short = { path: [2, 5, 1, 3] }

export const stepAndGather: GameFixture = {
  seats: [2, 4],
  points: true,
  open,
  live: { ...open, entries: [step(1, 3, 1), step(2, 6, 1), step(1, 4, 7)] },
  match: {
    parts: { ...open, houseRules: { ...short, atEnd: 'exact', answers: 'must-be-right' } },
    lines: [
      ['2 =5', 'ok', [5, 0]],
      ['1 @2 =2', 'wrong-landing', [5, 0]],
      ['1 @1 =2', 'ok', [5, 2]],
      ['3 @2 =5', 'ok', [5, 2]],
      ['3', 'answer-missing', [5, 2]],
      ['3 =5', 'ok', [5, 5]],
      ['2: 1 =8', 'not-their-turn', [5, 5]],
      ['7 =5', 'no-such-face', [5, 5]],
      ['2 =8', 'ok', [8, 5]],
    ],
    result: { winners: [1], shared: false, why: 'most-cubes' },
  },
  slips: {
    'no-such-face': { ...open, entries: [step(1, 7)] },
    'wrong-landing': { ...open, entries: [step(1, 3, undefined, 4)] },
  },
  sentences: [
    [{ ...open, entries: [step(1, 2)] }, 'Ines reaches space 2 and gathers 5 cubes: 5.'],
    [{ ...open, entries: [step(1, 1)] }, 'Ines reaches space 1 and gathers 2 cubes: 2.'],
    [{ ...open, houseRules: short, entries: [step(1, 6)] }, 'Ines reaches space 4 and gathers 3 cubes: 3. Home!'],
    [
      { ...open, houseRules: { ...short, atEnd: 'exact' }, entries: [step(1, 6)] },
      'Ines stays on the start: more than the way home. Nothing is gathered.',
    ],
    [
      { ...open, entries: [step(1, 3, undefined, 2)] },
      'Doesn’t stand: From the start, 3 steps lead to space 3. The piece stands on space 2: the space one leaves is not counted.',
    ],
    [
      { ...open, houseRules: { ...short, atEnd: 'exact' }, entries: [step(1, 6, undefined, 4)] },
      'Doesn’t stand: Ines stays on the start: 6 is more than the way home. The piece stands on space 4.',
    ],
  ],
  understood: [
    ['4', { do: 'step', by: 1, roll: 4 }],
    [
      '2: step 4 @9 =23 !counted-on',
      { do: 'step', by: 2, roll: 4, landed: 9, said: 23, explained: true, how: 'counted-on' },
    ],
    ['s 3 = 6', { do: 'step', by: 1, roll: 3, said: 6 }],
  ],
  notUnderstood: [[''], ['step'], ['4 @'], ['@4']],
  may: { answers: 'off' },
  amend: {
    parts: { ...open, entries: [step(1, 3, 2), step(2, 1)] },
    entry: 1,
    reads: /Ines rolls 3 and says 2/,
    touch: ['Remove the 3, 1 of 1', 'Rolled a 4', /^Total 3, said 3/],
    becomes: 'Ines rolls 4 and says 3',
    play: { do: 'step', by: 1, roll: 4, said: 3 },
  },
  byHand: {
    parts: { ...open, houseRules: { path: [2, 5, 1, 3, 4] } },
    steps: [
      { tap: 'Rolled a 2' },
      { tap: 'The piece stands on space 3' },
      { verdict: 'lead to space 2' },
      { tap: 'The piece stands on space 2' },
      { tap: /^Total 5, said 5/ },
      { turn: 'Tomasz' },
      { tap: 'What would each roll bring?' },
      { keys: '4s' },
      { turn: 'Ines' },
      { tap: 'Rolled a 6' },
      { tap: 'Figure 8' },
      { verdict: 'Ines said 8; it is 9.' },
      { tap: /^Total 9, said 8/ },
      { turn: 'Tomasz' },
      { tap: 'Rolled a 1' },
      { press: 's' },
      { wins: 'Ines wins' },
      { tap: 'is less than' },
      { tap: 'is more than' },
      { tape: '3 + 4 = 7' },
    ],
    entries: [step(1, 2, 5), step(2, 4, 3), step(1, 6, 8), step(2, 1, 7)],
  },
  board: {
    shows: [/2\s*5\s*1\s*3/, '1'],
    last: 'Ines rolls 4',
    next: step(2, 2, 3),
    then: [{ score: [2, '3'] }, { turn: 'Ines' }],
  },
}
