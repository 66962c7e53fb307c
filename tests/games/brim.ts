import { play, type GameFixture } from './fixture'

const roll = (by: number, dice: number[], keep?: number[]) => play({ do: 'roll', by, dice, ...(keep ? { keep } : {}) })
const stop = (by: number, said?: number) => play({ do: 'stop', by, ...(said === undefined ? {} : { said }) })
const FIRST = roll(1, [6, 5, 4, 3, 1])
const open = { game: 'brim' }

export const brim: GameFixture = {
  seats: [1, 6],
  points: true,
  extraRound: true,
  open,
  live: { ...open, entries: [FIRST, stop(1, 18), roll(2, [6, 6, 2, 1, 1])] },
  match: {
    parts: { ...open, houseRules: { rounds: 2, answers: 'must-be-right' } },
    lines: [
      ['65431', 'ok', [0, 0]],
      ['s18', 'wrong-answer', [0, 0]],
      ['s19', 'ok', [19, 0]],
      ['66622', 'ok', [19, 0]],
      ['k66 r61', 'wrong-dice-count', [19, 0]],
      ['k66 r611', 'ok', [19, 0]],
      ['k6 r55', 'ok', [19, 0]],
      ['s28', 'ok', [19, 0]],
      ['11111', 'ok', [19, 0]],
      ['r66553', 'ok', [19, 0]],
      ['k6655 r4', 'ok', [19, 0]],
      ['r6', 'ok', [19, 0]],
      ['r1', 'no-rolls-left', [19, 0]],
      ['s28', 'ok', [19, 0]],
      ['55541', 'ok', [19, 0]],
      ['s20', 'ok', [19, 20]],
    ],
    result: { winners: [2], shared: false, why: 'most-points' },
  },
  slips: {
    'no-such-face': { ...open, entries: [roll(1, [7, 1, 1, 1, 1])] },
    'no-rolls-left': { ...open, houseRules: { rolls: 1 }, entries: [FIRST, roll(1, [1, 1, 1, 1, 1])] },
    'not-among-dice': { ...open, entries: [FIRST, roll(1, [1, 1, 1, 1], [2])] },
    'must-freeze': { ...open, houseRules: { mustFreeze: 1 }, entries: [FIRST, roll(1, [1, 1, 1, 1, 1])] },
    'nothing-left-to-roll': { ...open, entries: [FIRST, roll(1, [], [6, 5, 4, 3, 1])] },
    'wrong-dice-count': { ...open, entries: [roll(1, [6, 5])] },
    'nothing-rolled': { ...open, entries: [stop(1)] },
  },
  sentences: [
    [{ ...open, entries: [FIRST] }, '19 of 20: room for 1 more.'],
    [{ ...open, entries: [FIRST, stop(1, 18)] }, 'Ines banks 19 and has 19. Ines said 18; it is 19.'],
    [
      { ...open, houseRules: { answers: 'must-be-right' }, entries: [FIRST, stop(1)] },
      'Doesn’t stand: Ines has not said the sum yet.',
    ],
    [{ ...open, entries: [stop(1)] }, 'Doesn’t stand: Ines has not rolled yet.'],
    [
      { ...open, entries: [{ ruling: { houseRules: { rounds: 2 } }, why: 'vote, 3 to 0' }] },
      'Rounds: 2 from now on (vote, 3 to 0).',
    ],
    [{ ...open, entries: [{ ruling: { award: { by: 2, points: -1 } } }] }, 'Tomasz loses 1 point by ruling.'],
    [{ ...open, entries: [FIRST, { strike: 1 }] }, 'Entry 1 taken back.'],
  ],
  understood: [
    ['65431', { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] }],
    [
      '2: keep 6 4 roll 2 1 1 !made-ten',
      { do: 'roll', by: 2, dice: [2, 1, 1], keep: [6, 4], explained: true, how: 'made-ten' },
    ],
    ['s19', { do: 'stop', by: 1, said: 19 }],
    ['s19t33', { do: 'stop', by: 1, said: 19, total: 33 }],
    ['2: stop total 33', { do: 'stop', by: 2, total: 33 }],
  ],
  notUnderstood: [[''], ['keep'], ['stop now']],
  may: { rounds: 7, mustFreeze: 1, answers: 'off' },
  amend: {
    parts: { ...open, entries: [FIRST, stop(1, 18)] },
    entry: 2,
    reads: /Ines stops and says 18/,
    touch: [/^Stop and bank 19, said 19/],
    becomes: 'Ines stops and says 19',
    play: { do: 'stop', by: 1, said: 19 },
  },
  byHand: {
    parts: { ...open, houseRules: { rounds: 1 } },
    steps: [
      ...[6, 6, 3, 2, 1].map((face) => ({ tap: `Rolled a ${face}` })),
      // One of several was mistyped: it is touched away, and entered anew.
      { tap: 'Remove the 3, 3 of 5' },
      { tap: 'Rolled a 5' },
      { verdict: '20 of 20: exactly full' },
      { tap: 'Record the roll' },
      { tap: 'Freeze the 6' },
      { tap: 'Rolled a 4' },
      // A further roll is half entered: stopping asks first.
      { tap: /^Stop and bank 20/ },
      { tap: 'Remove the last' },
      { tap: 'Remove the last' },
      { tap: 'Figure 1' },
      { tap: 'Figure 8' },
      { verdict: 'Ines said 18; it is 20.' },
      { tap: /^Stop and bank 20, said 18/ },
      { turn: 'Tomasz' },
      { verdict: 'Ines banks 20 and has 20. Ines said 18; it is 20.' },
      { keys: '65431' },
      { press: 'Enter' },
      { press: 's' },
      { wins: 'Ines wins' },
    ],
    entries: [roll(1, [6, 6, 2, 1, 5]), stop(1, 18), roll(2, [6, 5, 4, 3, 1]), stop(2, 19)],
  },
  board: {
    shows: [/Up to 20/],
    hides: ['16 of 20', 'said 18', 'says 18'],
    last: 'Tomasz rolls 6 6 2 1 1',
    next: stop(2, 16),
    then: [{ score: [2, '16'] }, { turn: 'Ines' }],
  },
}
