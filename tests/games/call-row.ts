import { play, type GameFixture } from './fixture'

const deal = (card: number) => play({ do: 'deal', card })
const call = (by: number, cards: number[], signs?: string[]) =>
  play({ do: 'call', by, cards, ...(signs ? { signs } : {}) })
const open = { game: 'call-row' }
const ROW = [8, 3, 6, 9, 4].map(deal)

export const callRow: GameFixture = {
  seats: [2, 4],
  points: true,
  open,
  live: { ...open, entries: [...ROW, call(2, [6, 4])] },
  match: {
    parts: { ...open, houseRules: { steps: 2, wrongCall: 'step-back' } },
    lines: [
      ['8', 'ok', [0, 0]],
      ['deal 6', 'ok', [0, 0]],
      ['1: call 8 2', 'not-in-row', [0, 0]],
      ['4', 'ok', [0, 0]],
      ['1: 8 6 4', 'ok', [1, 0]],
      ['t', 'ok', [1, 0]],
      ['1: 11 2', 'no-such-card', [1, 0]],
      ['3', 'ok', [1, 0]],
      ['1: +10 -3', 'signs-wrong', [0, 0]],
      ['2: t', 'ok', [0, 1]],
      ['7', 'ok', [0, 1]],
      ['2: 3 7', 'ok', [0, 2]],
    ],
    result: { winners: [2], shared: false, why: 'top-reached' },
  },
  slips: {
    'no-such-card': { ...open, entries: [deal(11)] },
    'too-many-copies': { ...open, houseRules: { pack: { low: 1, high: 10, copies: 1 } }, entries: [deal(3), deal(3)] },
    'stock-empty': {
      ...open,
      houseRules: { pack: { low: 5, high: 5, copies: 2 } },
      entries: [deal(5), deal(5), deal(5)],
    },
    'not-in-row': { ...open, entries: [...ROW, call(1, [3, 7])] },
    'too-many-cards': { ...open, houseRules: { maxCards: 2 }, entries: [...ROW, call(1, [8, 6, 4])] },
    'signs-wrong': { ...open, entries: [...ROW, call(1, [8, 6, 4], ['+', '+', '+'])] },
    'wrong-total': { ...open, entries: [...ROW, call(1, [8, 3])] },
    'sitting-out': {
      ...open,
      houseRules: { wrongCall: 'sit-out' },
      entries: [...ROW, call(1, [8, 3]), call(1, [6, 4])],
      after: ['wrong-total'],
    },
  },
  sentences: [
    [{ ...open, entries: [deal(8)] }, 'An 8; 1 card lies in the row.'],
    [
      {
        ...open,
        houseRules: { pack: { low: 5, high: 5, copies: 2 } },
        entries: [deal(5), deal(5), call(1, [5, 5]), deal(5)],
      },
      'What went away is shuffled back in. A 5.',
    ],
    [{ ...open, entries: [...ROW, call(1, [8, 6, 4])] }, 'Ines climbs to step 1 of 8.'],
    [
      { ...open, entries: [...ROW, call(1, [8, 3])] },
      'Doesn’t stand: However they are added and taken away, 8 and 3 do not make 10.',
    ],
    [
      { ...open, houseRules: { signs: 'add' }, entries: [...ROW, call(1, [8, 3])] },
      'Doesn’t stand: 8 and 3 make 11, not 10.',
    ],
    [{ ...open, entries: [...ROW, call(1, [8, 6], ['+'])] }, 'Doesn’t stand: A sign for each card: 2, not 1.'],
    [
      { ...open, entries: [...ROW, call(1, [8, 6, 4], ['+', '-', '+'])] },
      'Doesn’t stand: With these signs it is 6, not 10.',
    ],
    [
      { ...open, houseRules: { signs: 'add' }, entries: [...ROW, call(1, [8, 6, 4], ['+', '+', '-'])] },
      'Doesn’t stand: Cards are only added here, none is taken away.',
    ],
  ],
  understood: [
    ['7', { do: 'deal', card: 7 }],
    ['t', { do: 'deal', card: 10 }],
    ['2: 864', { do: 'call', by: 2, cards: [8, 6, 4] }],
    ['call @2 8 6 4', { do: 'call', by: 2, cards: [8, 6, 4] }],
    [
      '1: call +8 +6 -4 !made-ten',
      { do: 'call', by: 1, cards: [8, 6, 4], signs: ['+', '+', '-'], explained: true, how: 'made-ten' },
    ],
    ['1: call 8 6 / +', { do: 'call', by: 1, cards: [8, 6], signs: ['+'] }],
  ],
  notUnderstood: [[''], ['call 8 6'], ['1: call'], ['1: x'], ['8 6']],
  may: { wrongCall: 'sit-out' },
  amend: {
    parts: { ...open, entries: [...ROW, call(1, [6, 4])] },
    entry: 6,
    reads: /Ines calls 6 and 4/,
    touch: ['Card 8 of the row, place 1', /6 \+ 8 − 4 = 10/],
    becomes: 'Ines calls 6, 4 and 8',
    play: { do: 'call', by: 1, cards: [6, 4, 8] },
  },
  byHand: {
    parts: { ...open, houseRules: { steps: 2 } },
    steps: [
      { tap: 'Dealt a 8' },
      { tap: 'Dealt a 3' },
      { keys: '6' },
      { tap: 'Tomasz' },
      { tap: 'Card 6 of the row, place 3' },
      // Dealing never waits: the call stays as it is.
      { tap: 'Dealt a 4' },
      { tap: 'Card 4 of the row, place 4' },
      { tap: /6 \+ 4 = 10/ },
      { score: [2, '1'] },
      { tap: 'Is there a call in the row?' },
      { tap: 'Dealt a 9' },
      { press: 'F1' },
      { keys: '98' },
      { press: 'Enter' },
      { verdict: /do not make 10/ },
      { press: 'Escape' },
      { tap: 'Dealt a 1' },
      { tap: 'Dealt a 10' },
      { press: 'F2' },
      { tap: 'Card 10 of the row, place 5' },
      { press: 'Enter' },
      { wins: 'Tomasz wins' },
      { tape: 'Tomasz calls 10' },
    ],
    entries: [deal(8), deal(3), deal(6), deal(4), call(2, [6, 4]), deal(9), deal(1), deal(10), call(2, [10])],
  },
  board: {
    shows: ['Ines', 'Tomasz', '8'],
    last: 'Tomasz calls 6 and 4',
    next: deal(2),
    then: [],
  },
}
