import { play, type GameFixture } from './fixture'

const place = (by: number, cards: number[], on: number) => play({ do: 'place', by, cards, on })
const pass = (by: number, cards: number[]) => play({ do: 'pass', by, cards })
const open = { game: 'perch-and-push' }
const SAFE = { ...open, houseRules: { safeStack: 2 } }

export const perchAndPush: GameFixture = {
  seats: [2, 4],
  points: true,
  open,
  live: { ...open, entries: [place(1, [3, 7], 13), place(2, [1, 1], 11), place(1, [3, 7], 13)] },
  match: {
    parts: { ...open, houseRules: { combine: 'times', with: 6, pack: { low: 1, high: 10, copies: 4 }, goal: 3 } },
    lines: [
      ['72 48', 'not-an-option', [0, 0]],
      ['72 42', 'ok', [0, 0]],
      ['11 6', 'ok', [0, 0]],
      ['73 42', 'ok', [0, 0]],
      ['p45', 'can-still-place', [0, 0]],
      ['74 42', 'ok', [0, 2]],
      ['15 6', 'ok', [1, 2]],
      ['1t 6', 'ok', [1, 3]],
    ],
    result: { winners: [2], shared: false, why: 'goal' },
  },
  slips: {
    'no-such-card': { ...open, entries: [place(1, [3, 11], 13)] },
    'too-many-copies': {
      ...open,
      houseRules: { draw: 1, pack: { low: 1, high: 5, copies: 1 } },
      entries: [place(1, [3], 13), place(2, [3], 13)],
    },
    'wrong-card-count': { ...open, entries: [place(1, [3], 13)] },
    'not-an-option': { ...open, entries: [place(1, [3, 7], 20)] },
    'safe-stack': {
      ...SAFE,
      entries: [place(1, [3, 7], 13), place(2, [1, 1], 11), place(1, [3, 4], 13), place(2, [3, 8], 13)],
    },
    'can-still-place': { ...open, entries: [pass(1, [3, 7])] },
  },
  sentences: [
    [{ ...open, entries: [place(1, [3], 13)] }, 'Doesn’t stand: 2 cards are drawn; 1 is given.'],
    [{ ...open, entries: [place(1, [3, 8], 20)] }, 'Doesn’t stand: 20 is neither: these cards make 13 or 18.'],
    [
      { ...open, houseRules: { draw: 1 }, entries: [place(1, [3], 20)] },
      'Doesn’t stand: 20 is not it: these cards make 13.',
    ],
    [{ ...open, entries: [pass(1, [3, 7])] }, 'Doesn’t stand: Ines can still perch on 13 or 17.'],
    [
      { ...SAFE, entries: [place(1, [3, 7], 13), place(2, [1, 1], 11), place(1, [3, 4], 13), place(2, [3, 8], 13)] },
      'Doesn’t stand: Ines has 2 markers on 13: that stack is safe.',
    ],
    [
      { ...open, entries: [place(1, [3, 7], 13), place(2, [3, 8], 13)] },
      'Tomasz pushes 1 marker of Ines off 13 and has 1 point.',
    ],
    [{ ...open, entries: [{ call: 'note', why: 'the cards were wet' }] }, 'Note: the cards were wet.'],
  ],
  understood: [
    ['37 13', { do: 'place', by: 1, cards: [3, 7], on: 13 }],
    ['3, t on 20', { do: 'place', by: 1, cards: [3, 10], on: 20 }],
    ['2: p37', { do: 'pass', by: 2, cards: [3, 7] }],
    ['r', { do: 'reshuffle' }],
  ],
  notUnderstood: [['37'], ['three on 13']],
  may: { answers: 'off', goal: 4, afterPush: 'leave', safeStack: 2 },
  amend: {
    parts: { ...open, entries: [place(1, [3, 7], 13), place(2, [1, 1], 11)] },
    entry: 1,
    reads: /Ines draws 3 and 7 and perches on 13/,
    touch: [/^Perch on 17/],
    becomes: 'Ines draws 3 and 7 and perches on 17',
    play: { do: 'place', by: 1, cards: [3, 7], on: 17 },
  },
  byHand: {
    parts: { ...open, houseRules: { goal: 2 } },
    steps: [
      { tap: 'Drew a 3' },
      { tap: 'Drew a 7' },
      { tap: /^Perch on 13/ },
      { tap: 'Drew a 1' },
      { tap: 'Drew a 1' },
      { tap: /^Perch on 11/ },
      { tap: 'Drew a 3' },
      { tap: 'Drew a 4' },
      { tap: /^Perch on 13: 1 of Ines/ },
      { turn: 'Tomasz' },
      { score: [2, '2 to go'] },
      { tap: 'Drew a 3' },
      { tap: 'Drew a 8' },
      { tap: /^Was put on 11/ },
      { verdict: '11 is neither: these cards make 13 or 18.' },
      { tap: 'Clear it' },
      { tap: /3 \+ 10 = 13/ },
      { wins: 'Tomasz wins' },
    ],
    entries: [place(1, [3, 7], 13), place(2, [1, 1], 11), place(1, [3, 4], 13), place(2, [3, 8], 13)],
  },
  board: {
    shows: ['13', '17'],
    last: 'Ines draws 3 and 7 and perches on 13',
    next: place(2, [3, 9], 13),
    then: [{ score: [2, '2'] }, { turn: 'Ines' }],
  },
}
