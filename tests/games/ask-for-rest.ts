import { play, type GameFixture } from './fixture'

const ask = (by: number, of: number, card: number, got: boolean) => play({ do: 'ask', by, of, for: card, got })
const lay = (by: number, a: number, b: number) => play({ do: 'lay', by, cards: [a, b] })
const draw = (by: number) => play({ do: 'draw', by })
const open = { game: 'ask-for-rest', players: ['Ines', 'Tomasz', 'Bao'] }
const ONES = { ...open, players: ['Ines', 'Tomasz'], houseRules: { hand: 3, pack: { low: 1, high: 9, copies: 1 } } }
const TEN = { pack: { low: 1, high: 10, copies: 4 } }

export const askForRest: GameFixture = {
  seats: [2, 4],
  points: true,
  open,
  live: { ...open, entries: [lay(1, 3, 7)] },
  match: {
    parts: ONES,
    lines: [
      ['l37', 'ok', [1, 0]],
      ['4 y', 'ok', [2, 0]],
      ['4 n', 'cannot-hold-partner', [2, 0]],
      // Tomasz holds a 2; without a stock the turn passes at the refusal.
      ['8 n', 'ok', [2, 0]],
      ['8 y', 'cannot-hold-partner', [2, 0]],
      ['9 n', 'ok', [2, 0]],
      ['8 y', 'ok', [2, 1]],
      // Only the 1 and the 9 are left, and Ines has shown the 1.
      ['9 n', 'denied-known-card', [2, 1]],
      ['l19', 'not-in-hand', [2, 1]],
      ['2: l28', 'too-many-copies', [2, 1]],
      ['9 y', 'ok', [3, 1]],
    ],
    result: { winners: [1], shared: false, why: 'most-pairs' },
  },
  slips: {
    'wrong-total': { ...open, entries: [lay(1, 8, 3)] },
    // One question a turn: a second one of whoever asked last.
    'not-their-turn': { ...open, entries: [ask(1, 2, 3, true), ask(1, 2, 4, true)] },
    'asked-self': { ...open, entries: [ask(1, 1, 3, true)] },
    'nobody-there': {
      ...ONES,
      players: ['A', 'B', 'C', 'D'],
      houseRules: { hand: 2, pack: { low: 1, high: 9, copies: 1 } },
      entries: [ask(1, 2, 9, true), ask(2, 3, 8, true), ask(3, 2, 7, true)],
    },
    'dead-card': { ...open, houseRules: TEN, entries: [ask(1, 2, 10, false)] },
    'cannot-hold-partner': { ...ONES, entries: [lay(1, 3, 7), ask(1, 2, 3, false)] },
    'denied-known-card': { ...open, entries: [ask(1, 2, 3, false), draw(1), ask(2, 1, 7, false)] },
    'not-in-hand': { ...ONES, entries: [lay(1, 3, 7), lay(1, 4, 6)] },
    'card-has-partner': { ...open, entries: [play({ do: 'replace', by: 1, card: 9 })] },
    'stock-empty': {
      ...ONES,
      houseRules: { hand: 2, pack: { low: 3, high: 7, copies: 1 } },
      entries: [ask(1, 2, 3, false), draw(1)],
    },
  },
  sentences: [
    [
      { ...open, entries: [ask(1, 2, 3, true), ask(1, 2, 4, true)] },
      'Doesn’t stand: One question a turn was agreed, and Ines has asked. Tomasz is next: ask or lay.',
    ],
    [{ ...open, entries: [lay(1, 8, 3)] }, 'Doesn’t stand: That makes 11, and 10 is needed.'],
    [{ ...open, entries: [ask(1, 1, 3, true)] }, 'Doesn’t stand: Ines can’t ask Ines: ask somebody else.'],
    [
      { ...open, houseRules: TEN, entries: [ask(1, 2, 10, false)] },
      'Doesn’t stand: A 10 has no partner: 0 would be needed to make 10, and there is none to pair with.',
    ],
    [
      { ...open, entries: [ask(1, 2, 3, false), draw(1), ask(2, 1, 7, false)] },
      'Doesn’t stand: Ines does hold a 7: it follows from what has been shown.',
    ],
    [
      { ...open, entries: [play({ do: 'replace', by: 1, card: 9 })] },
      'Doesn’t stand: The 9 has a partner, the 1; it stays.',
    ],
    [{ ...open, entries: [draw(1)] }, 'Doesn’t stand: That has no place at this moment. Ines is next: ask or lay.'],
    [{ ...open, entries: [ask(1, 2, 8, true)] }, 'Tomasz gives the 8: 2 and 8 are laid, and Ines has 1 pair.'],
    [{ ...open, entries: [ask(1, 2, 8, false)] }, 'Tomasz has no 8. Ines draws.'],
    [
      { ...open, entries: [play({ do: 'replace', by: 3, card: 10 })] },
      'Bao puts the 10 out and draws another: it has no partner.',
    ],
    [
      { ...open, entries: [lay(1, 5, 5), lay(2, 5, 5), lay(3, 5, 5)] },
      'Doesn’t stand: All four 5s are out: one was mistyped or mis-sorted.',
    ],
  ],
  understood: [
    ['3 6 no', { do: 'ask', by: 1, of: 3, for: 6, got: false }],
    ['ask 2 for 6 got', { do: 'ask', by: 1, of: 2, for: 6, got: true }],
    ['6 y', { do: 'ask', by: 1, of: 2, for: 6, got: true }, ONES],
    ['2: 1 6 n', { do: 'ask', by: 2, of: 1, for: 6, got: false }],
    ['l37', { do: 'lay', by: 1, cards: [3, 7] }],
    ['2: lay 3 7 !made-ten', { do: 'lay', by: 2, cards: [3, 7], explained: true, how: 'made-ten' }],
    ['lt0', { do: 'lay', by: 1, cards: [10, 0] }],
    ['d', { do: 'draw', by: 1 }, { ...open, entries: [ask(1, 2, 3, false)] }],
    ['D4', { do: 'draw', by: 1, card: 4 }, { ...open, entries: [ask(1, 2, 3, false)] }],
    ['x10', { do: 'replace', by: 1, card: 10 }],
  ],
  notUnderstood: [['', ONES], ['6 y'], ['lay 3'], ['lay 3 7 5'], ['ask for it']],
  may: { again: 'on-success' },
  amend: {
    parts: { ...open, entries: [lay(2, 3, 7)] },
    entry: 1,
    reads: /Tomasz lays 3 and 7/,
    touch: ['Card 4', 'Card 6'],
    becomes: 'Tomasz lays 4 and 6',
    play: { do: 'lay', by: 2, cards: [4, 6] },
  },
  byHand: {
    parts: ONES,
    steps: [
      { tap: 'Lay a pair' },
      { tap: 'Card 4' },
      { tap: 'Card 7' },
      { verdict: 'That makes 11, and 10 is needed.' },
      { tap: 'Card 4' },
      { tap: 'Card 6' },
      { score: [1, '1'] },
      { tap: 'Lay a pair' },
      { tap: /^Tomasz$/ },
      { tap: 'Card 3' },
      { tap: 'Card 7' },
      { score: [2, '1'] },
      { tap: 'For a 6' },
      { tap: 'No' },
      { verdict: 'To ask for a 6 one must hold a 4' },
      { tap: 'For a 1' },
      { tap: /^Gave it/ },
      { score: [1, '2'] },
      { keys: 'p' },
      { tap: /^Ines$/ },
      { tap: 'Card 2' },
      { tap: 'Card 8' },
      { wins: 'Ines wins' },
    ],
    entries: [lay(1, 4, 6), lay(2, 3, 7), ask(1, 2, 1, true), lay(1, 2, 8)],
  },
  board: {
    shows: ['3+7', 'stock 21'],
    hides: ['"known":[3'],
    last: 'Ines lays 3 and 7',
    next: ask(1, 2, 6, true),
    then: [{ score: [1, '2'] }, { turn: 'Tomasz' }],
  },
}
