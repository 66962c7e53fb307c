import { play, type GameFixture } from './fixture'

const turn = (by: number, cards: unknown[], from = 'stock') => play({ do: 'turn', by, from, cards })
const open = { game: 'fill-in-order' }
const SMALL = { slots: 3, rounds: 1 }

export const fillInOrder: GameFixture = {
  seats: [2, 4],
  points: false,
  open,
  live: { ...open, entries: [turn(1, [3, 7, 'Q']), turn(2, [5, 'J']), turn(1, [2, 4, 3])] },
  match: {
    parts: { ...open, houseRules: SMALL },
    lines: [
      ['3 j', 'ok', [0, 0]],
      ['d j', 'discard-useless', [0, 0]],
      ['4', 'ok', [0, 0]],
      ['1: 3', 'ok', [0, 0]],
      ['d 2 q', 'discard-was', [0, 0]],
      ['11', 'no-such-card', [0, 0]],
      ['d 3', 'keeps-going', [0, 0]],
      ['d 3 4 2', 'could-not-go-there', [0, 0]],
      ['1: 2', 'not-their-turn', [0, 0]],
      ['discard 3 1 t', 'ok', [0, 0]],
      ['2', 'keeps-going', [0, 0]],
      ['2 1', 'ok', [1, 0]],
    ],
    result: { winners: [1], shared: false, why: 'most-rounds' },
  },
  slips: {
    'no-such-card': { ...open, entries: [turn(1, [0])] },
    'too-many-copies': {
      ...open,
      houseRules: SMALL,
      entries: [turn(1, ['J']), turn(2, ['J']), turn(1, ['J']), turn(2, ['J']), turn(1, ['J'])],
    },
    'discard-useless': { ...open, entries: [turn(1, [3, 'Q'], 'discard')] },
    'discard-was': { ...open, entries: [turn(1, [3, 3]), turn(2, [4, 'Q'], 'discard')] },
    'could-not-go-there': { ...open, entries: [turn(1, ['Q', 3])] },
    'keeps-going': { ...open, entries: [turn(1, [3])] },
  },
  sentences: [
    [{ ...open, entries: [turn(1, ['Q'])] }, 'A queen can’t go: Ines has 10 places to fill.'],
    [{ ...open, entries: [turn(1, [3, 7, 3])] }, '2 cards go; Ines has 8 places left. The 3 would fit Tomasz.'],
    [
      { ...open, houseRules: { slots: 1 }, entries: [turn(1, [1])] },
      'Ines has filled every place: 1 round won. Tomasz begins.',
    ],
    [
      { ...open, houseRules: { slots: 2 }, entries: [turn(1, [1, 2])] },
      'Ines has filled every place: 1 round won. Next with 1 place. Tomasz begins.',
    ],
    [{ ...open, entries: [turn(1, [3])] }, 'Doesn’t stand: The 3 goes to place 3: what lay under it comes next.'],
    [{ ...open, entries: [turn(1, ['Q', 3])] }, 'Doesn’t stand: A queen has no open place: the turn ended with it.'],
    [
      { ...open, houseRules: { wild: 'K' }, entries: [turn(1, [3, { wild: 'K', slot: 3 }, 'Q'])] },
      'Doesn’t stand: Place 3 is not open for the king.',
    ],
    [{ ...open, entries: [turn(1, [3, 'Q'], 'discard')] }, 'Doesn’t stand: No discard lies open yet.'],
    [
      { ...open, entries: [turn(1, [3, 3]), turn(2, [4, 'Q'], 'discard')] },
      'Doesn’t stand: The discard that lies open is a 3, not a 4.',
    ],
  ],
  understood: [
    ['3 7 q', { do: 'turn', by: 1, from: 'stock', cards: [3, 7, 'Q'] }],
    ['2: discard 3 t J', { do: 'turn', by: 2, from: 'discard', cards: [3, 10, 'J'] }],
    ['s k@4 j2 k', { do: 'turn', by: 1, from: 'stock', cards: [{ wild: 'K', slot: 4 }, { wild: 'J', slot: 2 }, 'K'] }],
    ['q ~other', { do: 'turn', by: 1, from: 'stock', cards: ['Q'], how: 'other' }],
  ],
  notUnderstood: [[''], ['d'], ['x'], ['3 7 z'], ['k@']],
  may: { rounds: 7 },
  amend: {
    parts: { ...open, entries: [turn(1, [3, 7, 'Q'])] },
    entry: 1,
    reads: /Ines draws a 3, then a 7 and a queen/,
    touch: ['The last card back', 'Came up: J'],
    becomes: 'Ines draws a 3, then a jack',
    play: { do: 'turn', by: 1, from: 'stock', cards: [3, 'J'] },
  },
  byHand: {
    parts: { ...open, houseRules: { slots: 3, rounds: 1, wild: 'K' } },
    steps: [
      { tap: 'Came up: 3' },
      { tap: 'Came up: J' },
      { turn: 'Tomasz' },
      { keys: '2' },
      { keys: '7' },
      { turn: 'Ines' },
      { tap: 'Which cards would fit?' },
      { tap: 'Came up: 3' },
      { turn: 'Tomasz' },
      { tap: /^Takes the 3/ },
      { tap: 'Came up: K' },
      { tap: 'Put it in place 1' },
      { wins: 'Tomasz wins' },
      { tape: 'Tomasz takes the 3, then a king to place 1' },
    ],
    entries: [turn(1, [3, 'J']), turn(2, [2, 7]), turn(1, [3]), turn(2, [3, { wild: 'K', slot: 1 }], 'discard')],
  },
  board: {
    shows: ['Ines', 'Tomasz', 'discard'],
    hides: ['"hidden"'],
    last: 'Ines draws a 2, then a 4 and a 3',
    next: turn(2, [3, 'K'], 'discard'),
    then: [{ turn: 'Ines' }],
  },
}
