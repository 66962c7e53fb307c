import { play, type GameFixture } from './fixture'

const roll = (by: number, dice: number[], said?: number) =>
  play({ do: 'roll', by, dice, ...(said === undefined ? {} : { said }) })
const open = { game: 'top-total' }

export const topTotal: GameFixture = {
  seats: [2, 4],
  points: true,
  extraRound: true,
  open,
  live: { ...open, entries: [roll(1, [6, 5], 12)] },
  match: {
    parts: { ...open, houseRules: { rounds: 2, combine: 'times', tiedRound: 'reroll', answers: 'must-be-right' } },
    lines: [
      ['34 =7', 'wrong-answer', [0, 0]],
      ['34 =12', 'ok', [0, 0]],
      ['2: 2 6 2', 'wrong-dice-count', [0, 0]],
      ['26 =12', 'ok', [0, 0]],
      ['roll 1 1 =1', 'ok', [0, 0]],
      ['12', 'answer-missing', [0, 0]],
      ['12 =2', 'ok', [0, 1]],
      ['66 =36', 'ok', [0, 1]],
      ['1: 11 =1', 'not-their-turn', [0, 1]],
      ['65 =30', 'ok', [1, 1]],
    ],
    result: { winners: [1, 2], shared: true, why: 'most-rounds' },
  },
  slips: {
    'no-such-face': { ...open, entries: [roll(1, [7, 1])] },
    'wrong-dice-count': { ...open, entries: [roll(1, [6])] },
  },
  sentences: [
    [{ ...open, entries: [roll(1, [6])] }, 'Doesn’t stand: 2 dice are rolled; 1 is given.'],
    [{ ...open, entries: [roll(1, [6, 5], 12)] }, 'Ines has 11. Ines said 12; it is 11.'],
    [{ ...open, entries: [roll(1, [6, 5]), roll(2, [6, 6])] }, 'Tomasz has 12. Tomasz takes round 1 with 12.'],
    [
      { ...open, entries: [roll(1, [6, 5]), roll(2, [5, 6])] },
      'Tomasz has 11. Ines and Tomasz are level with 11: round 1 is nobody’s.',
    ],
    [
      { ...open, houseRules: { tiedRound: 'reroll' }, entries: [roll(1, [6, 5]), roll(2, [5, 6])] },
      'Tomasz has 11. Ines and Tomasz are level with 11 and roll again.',
    ],
    [
      { ...open, houseRules: { combine: 'times', answers: 'must-be-right' }, entries: [roll(1, [6, 5])] },
      'Doesn’t stand: Ines has not said the product yet.',
    ],
  ],
  understood: [
    ['34', { do: 'roll', by: 1, dice: [3, 4] }],
    ['2: roll 3 4 =7 !knew-it', { do: 'roll', by: 2, dice: [3, 4], said: 7, explained: true, how: 'knew-it' }],
    ['r 12 4', { do: 'roll', by: 1, dice: [12, 4] }, { ...open, houseRules: { sides: 12 } }],
  ],
  notUnderstood: [[''], ['roll'], ['34 + 7'], ['=7']],
  may: { rounds: 7, tiedRound: 'both', answers: 'off' },
  amend: {
    parts: { ...open, entries: [roll(1, [6, 5], 12), roll(2, [1, 1])] },
    entry: 1,
    reads: /Ines rolls 6 5 and says 12/,
    touch: ['Remove the 5, 2 of 2', 'Rolled a 4', /^Record 10, said 10/],
    becomes: 'Ines rolls 6 4 and says 10',
    play: { do: 'roll', by: 1, dice: [6, 4], said: 10 },
  },
  byHand: {
    parts: { ...open, houseRules: { rounds: 1, tiedRound: 'reroll' } },
    steps: [
      { tap: 'Rolled a 6' },
      { tap: 'Rolled a 4' },
      { tap: /^Record 10, said 10/ },
      { turn: 'Tomasz' },
      { tap: 'How likely is it to beat 10?' },
      { tap: 'Rolled a 5' },
      { tap: 'Rolled a 5' },
      { tap: 'Figure 9' },
      { verdict: 'Tomasz said 9; it is 10.' },
      { tap: /^Record 10, said 9/ },
      { verdict: 'are level with 10 and roll again' },
      { turn: 'Ines' },
      { keys: '12s' },
      { turn: 'Tomasz' },
      { keys: '13' },
      { press: 's' },
      { wins: 'Tomasz wins' },
      { tape: '3 < 4' },
    ],
    entries: [roll(1, [6, 4], 10), roll(2, [5, 5], 9), roll(1, [1, 2], 3), roll(2, [1, 3], 4)],
  },
  board: {
    shows: ['Ines', 'Tomasz', '11'],
    hides: ['12'],
    last: 'Ines rolls 6 5',
    next: roll(2, [6, 6], 12),
    then: [{ score: [2, '1'] }, { turn: 'Ines' }],
  },
}
