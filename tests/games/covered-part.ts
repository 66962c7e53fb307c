import { play, type GameFixture } from './fixture'

const hide = (by: number, parts: number[], covered: number, announced: number) =>
  play({ do: 'hide', by, parts, covered, announced })
const guess = (by: number, said: number) => play({ do: 'guess', by, said })
const open = { game: 'covered-part' }
const dominoes = { ...open, houseRules: { pieces: 'dominoes' } }

export const coveredPart: GameFixture = {
  seats: [2, 4],
  points: true,
  extraRound: true,
  open,
  live: { ...open, entries: [hide(1, [5, 4], 1, 9), guess(2, 5), hide(2, [6, 5], 2, 11)] },
  match: {
    parts: { ...open, houseRules: { rounds: 1, pieces: 'dominoes', combine: 'times' } },
    lines: [
      ['3 4* =13', 'wrong-announcement', [0, 0]],
      ['3* 0', 'cannot-be-worked-out', [0, 0]],
      ['3 7*', 'no-such-face', [0, 0]],
      ['3 4*', 'ok', [0, 0]],
      ['2: hide 1 2* =2', 'not-now', [0, 0]],
      ['1: 4', 'not-their-turn', [0, 0]],
      ['4', 'ok', [0, 1]],
      ['4 3*', 'domino-used', [0, 1]],
      ['hide 5* 2 =10', 'ok', [0, 1]],
      ['guess 5', 'ok', [1, 1]],
    ],
    result: { winners: [1, 2], shared: true, why: 'most-found' },
  },
  slips: {
    'no-such-face': { ...open, entries: [hide(1, [7, 1], 1, 8)] },
    'wrong-announcement': { ...open, entries: [hide(1, [3, 4], 1, 8)] },
    'cannot-be-worked-out': {
      ...open,
      houseRules: { pieces: 'dominoes', combine: 'times' },
      entries: [hide(1, [0, 4], 2, 0)],
    },
    'domino-used': { ...dominoes, entries: [hide(1, [3, 4], 1, 7), guess(2, 3), hide(2, [4, 3], 1, 7)] },
  },
  sentences: [
    [{ ...open, entries: [hide(1, [3, 4], 2, 7)] }, 'Ines shows 3 and announces 7. What lies under the cover?'],
    [{ ...open, entries: [hide(1, [3, 4], 2, 7), guess(2, 4)] }, 'Tomasz found it: 4.'],
    [{ ...open, entries: [hide(1, [3, 4], 2, 7), guess(2, 7)] }, 'Tomasz said 7; 4 was covered.'],
    [
      { ...open, entries: [hide(1, [3, 4], 1, 8)] },
      'Doesn’t stand: Ines announced 8; it is 7. Put it right before the guess.',
    ],
    [{ ...dominoes, entries: [hide(1, [8, 1], 1, 9)] }, 'Doesn’t stand: No half of a domino here has 8 pips.'],
    [{ ...open, entries: [hide(1, [7, 1], 1, 8)] }, 'Doesn’t stand: There is no 7 on a die with 6 sides.'],
    [
      { ...dominoes, entries: [hide(1, [3, 4], 1, 7), guess(2, 3), hide(2, [4, 3], 1, 7)] },
      'Doesn’t stand: The domino 3 and 4 was hidden before; all are mixed again once each has been.',
    ],
    [
      { ...open, houseRules: { pieces: 'dominoes', combine: 'times' }, entries: [hide(1, [0, 4], 2, 0)] },
      'Doesn’t stand: Nothing times anything is nothing: beside a 0 nobody can work out the 4. Cover the other part.',
    ],
  ],
  understood: [
    ['3 4*', { do: 'hide', by: 1, parts: [3, 4], covered: 2, announced: 7 }],
    [
      '2: hide 3* 4 =8 !knew-it',
      { do: 'hide', by: 2, parts: [3, 4], covered: 1, announced: 8, explained: true, how: 'knew-it' },
    ],
    ['guess 4', { do: 'guess', by: 2, said: 4 }],
    ['h 0|4*', { do: 'hide', by: 1, parts: [0, 4], covered: 2, announced: 4 }, dominoes],
  ],
  notUnderstood: [[''], ['3 4'], ['3* 4*'], ['hide 3']],
  may: { rounds: 7 },
  amend: {
    parts: { ...open, entries: [hide(1, [3, 4], 2, 7), guess(2, 4)] },
    entry: 1,
    reads: /Ines covers a part beside 3 and announces 7/,
    touch: ['Remove the 3, 1 of 2', 'Rolled a 6', /Cover the 6/],
    becomes: 'Ines covers a part beside 4 and announces 10',
    play: { do: 'hide', by: 1, parts: [4, 6], covered: 2, announced: 10 },
  },
  byHand: {
    parts: { ...open, houseRules: { rounds: 1 } },
    steps: [
      { tap: 'Rolled a 5' },
      { tap: 'Rolled a 3' },
      { tap: 'Figure 9' },
      { verdict: 'Ines announced 9; it is 8.' },
      { tap: 'Remove the last figure' },
      { tap: /Cover the 5/ },
      { turn: 'Tomasz' },
      { verdict: 'What lies under the cover?' },
      { tap: 'Look under the cover' },
      { tap: 'Which parts make 8?' },
      { tap: 'Guesses 5' },
      { verdict: 'Tomasz found it: 5.' },
      { keys: '26' },
      { press: 'a' },
      { turn: 'Ines' },
      { keys: '3' },
      { wins: 'Tomasz wins' },
      { tape: '2 + 6 = 8' },
    ],
    entries: [hide(1, [5, 3], 1, 8), guess(2, 5), hide(2, [2, 6], 1, 8), guess(1, 3)],
  },
  board: {
    shows: ['11', '? + 6 = 11'],
    hides: ['5 + 6'],
    last: 'Tomasz covers a part beside 6 and announces 11',
    next: guess(1, 5),
    then: [{ score: [1, '1'] }, { turn: 'Ines' }],
  },
}
