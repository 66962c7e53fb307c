import { play, type GameFixture } from './fixture'

const turn = (by: number, at: number[], cards: number[]) => play({ do: 'turn', by, at, cards })
const relay = play({ do: 'relay' })
const open = { game: 'turn-two' }
/** Two places, three cards of which two make a four: stuck when the three does not lie there. */
const TINY = { pack: { low: 1, high: 3, copies: 1 }, layout: 2, target: 4 }

export const turnTwo: GameFixture = {
  seats: [2, 4],
  points: true,
  open,
  live: { ...open, entries: [turn(1, [3, 7], [4, 9]), turn(2, [1, 2], [8, 2])] },
  match: {
    parts: { ...open, houseRules: { ...TINY, pack: { low: 1, high: 3, copies: 1 } } },
    lines: [
      ['1=1 2=2', 'ok', [0, 0]],
      ['1=1 1=1', 'too-many-copies', [0, 0]],
      ['1=3 2=2', 'seen-different', [0, 0]],
      ['2: relay', 'ok', [0, 0]],
      ['1=5 2=2', 'no-such-card', [0, 0]],
      ['1: 1=1 2=3', 'not-their-turn', [0, 0]],
      ['relay', 'not-stuck', [0, 0]],
      ['3=1 2=3', 'empty-place', [0, 0]],
      ['1=1', 'wrong-count', [0, 0]],
      ['2=1 1=3', 'ok', [0, 2]],
    ],
    result: { winners: [2], shared: false, why: 'no-match-left' },
  },
  slips: {
    'no-such-card': { ...open, entries: [turn(1, [1, 2], [11, 4])] },
    'too-many-copies': { ...open, houseRules: TINY, entries: [turn(1, [1, 2], [1, 1])] },
    'wrong-count': { ...open, entries: [turn(1, [1], [4])] },
    'same-place': { ...open, entries: [turn(1, [1, 1], [4, 4])] },
    'empty-place': { ...open, entries: [turn(1, [1, 13], [4, 4])] },
    'seen-different': { ...open, entries: [turn(1, [1, 2], [4, 5]), turn(2, [1, 3], [6, 4])] },
    'not-stuck': { ...open, entries: [relay] },
  },
  sentences: [
    [{ ...open, entries: [turn(1, [1, 2], [4, 5])] }, '4 + 5 is 9, not 10: they go back.'],
    [
      { ...open, entries: [turn(1, [1, 2], [4, 6])] },
      'Ines keeps 4 and 6: 2 cards now. 2 places are filled from the stock.',
    ],
    [
      { ...open, houseRules: { again: true, refill: false }, entries: [turn(1, [1, 2], [4, 6])] },
      'Ines keeps 4 and 6: 2 cards now. Ines turns again.',
    ],
    [
      { ...open, houseRules: TINY, entries: [turn(1, [1, 2], [1, 2]), relay] },
      'All is shuffled and laid out again: 2 places, 1 in the stock.',
    ],
    [{ ...open, entries: [relay] }, 'Doesn’t stand: Not yet: 12 places have not been seen.'],
    [
      { ...open, entries: [turn(1, [1, 2], [4, 5]), turn(2, [1, 3], [6, 4])] },
      'Doesn’t stand: At place 1 a 4 was seen before, not a 6: was it mistyped, or has somebody moved it?',
    ],
    [{ ...open, entries: [turn(1, [1, 0], [4, 4])] }, 'Doesn’t stand: There is no place 0.'],
  ],
  understood: [
    ['3=4 7=6', { do: 'turn', by: 1, at: [3, 7], cards: [4, 6] }],
    ['2: turn 12=10 1=0 !knew-it', { do: 'turn', by: 2, at: [12, 1], cards: [10, 0], explained: true, how: 'knew-it' }],
    ['relay', { do: 'relay' }],
    ['turn 3 7 / 4', { do: 'turn', by: 1, at: [3, 7], cards: [4] }],
  ],
  notUnderstood: [[''], ['3 7'], ['3=x 7=6'], ['turn']],
  may: { again: true },
  amend: {
    parts: { ...open, entries: [turn(1, [1, 2], [4, 5])] },
    entry: 1,
    reads: /Ines turns 4 at 1 and 5 at 2/,
    touch: ['Shows a 6'],
    becomes: 'Ines turns 4 at 1 and 6 at 2',
    play: { do: 'turn', by: 1, at: [1, 2], cards: [4, 6] },
  },
  byHand: {
    parts: { ...open, houseRules: TINY },
    steps: [
      { tap: 'Place 1' },
      { tap: 'Shows a 1' },
      { tap: 'Place 2' },
      { tap: 'Shows a 2' },
      { turn: 'Tomasz' },
      { tap: 'Has a match been seen?' },
      { tap: 'Lay it out again' },
      { keys: '1322' },
      { turn: 'Ines' },
      { tap: 'Peek' },
      { tap: 'Lay it out again' },
      { tap: 'Place 2' },
      { tap: 'Shows a 3' },
      { tap: 'Place 1' },
      { tap: 'Shows a 1' },
      { wins: 'Ines wins' },
      { tape: '3 + 1 = 4' },
    ],
    entries: [turn(1, [1, 2], [1, 2]), relay, turn(2, [1, 2], [3, 2]), relay, turn(1, [2, 1], [3, 1])],
  },
  board: {
    shows: ['make', 'stock'],
    // The card that was seen and went back.
    hides: ['"seen"'],
    last: 'Tomasz turns 8 at 1 and 2 at 2',
    next: turn(1, [3, 4], [4, 6]),
    then: [{ score: [1, '2'] }, { turn: 'Tomasz' }],
  },
}
