import { play, type GameFixture } from './fixture'

const dip = (by: number, token: string, said?: number) =>
  play({ do: 'dip', by, token, ...(said === undefined ? {} : { said }) })
const count = (by: number, counts: Record<string, number>) => play({ do: 'recount', by, counts })
const open = { game: 'token-dip' }

export const tokenDip: GameFixture = {
  seats: [2, 4],
  points: true,
  open,
  live: { ...open, entries: [dip(1, 'plum', 10), dip(2, 'slate', 15), dip(1, 'amber', 16)] },
  match: {
    parts: { ...open, houseRules: { goal: 20, answers: 'must-be-right' } },
    lines: [
      ['plum', 'answer-missing', [0, 0]],
      ['plum =10', 'ok', [10, 0]],
      ['2: dip slate =15', 'ok', [10, 15]],
      ['2: dip slate =30', 'not-their-turn', [10, 15]],
      ['slate =25', 'ok', [25, 15]],
      ['am =20', 'wrong-answer', [25, 15]],
      ['am =21', 'ok', [25, 21]],
      ['coral =28', 'not-now', [25, 21]],
      ['1: count plum 1', 'recount-differs', [25, 21]],
      ['1: count plum 1, slate 1', 'ok', [25, 21]],
      ['2: count slate 1, amber 1', 'ok', [25, 21]],
    ],
    result: { winners: [1], shared: false, why: 'goal-reached' },
  },
  slips: {
    'no-such-token': { ...open, entries: [dip(1, 'green')] },
    'bag-has-no-more': {
      ...open,
      houseRules: { bag: { coral: 1, teal: 5 } },
      entries: [dip(1, 'coral'), dip(2, 'coral')],
    },
    'recount-differs': { ...open, entries: [dip(1, 'coral'), count(1, { coral: 2 })] },
  },
  sentences: [
    [{ ...open, entries: [dip(1, 'plum')] }, 'Plum is 10: Ines has 10 now.'],
    [
      { ...open, houseRules: { key: [{ token: 'teal', worth: -3 }], mode: 'turns' }, entries: [dip(1, 'teal')] },
      'Teal is −3: Ines has 0 now. Nobody falls below 0: what would go below is let go.',
    ],
    [
      { ...open, houseRules: { goal: 10, finish: 'at-once' }, entries: [dip(1, 'plum')] },
      'Plum is 10: Ines has 10 now. Before it is won, the tokens are counted: Ines.',
    ],
    [{ ...open, entries: [count(1, {})] }, '0 tokens, as on the tape: Ines has 0.'],
    [
      { ...open, entries: [dip(1, 'coral'), count(1, { coral: 2, plum: 1 })] },
      'Doesn’t stand: Ines’s tokens differ. coral: 2 counted, 1 on the tape (1 more); plum: 1 counted, 0 on the tape (1 more). Count again, or put the dip right on the tape.',
    ],
    [
      { ...open, entries: [dip(1, 'green')] },
      'Doesn’t stand: The key has no green; it has coral, amber, teal, plum, slate and white.',
    ],
    [
      { ...open, houseRules: { bag: { teal: 5 } }, entries: [dip(1, 'coral')] },
      'Doesn’t stand: There was no coral in the bag.',
    ],
  ],
  understood: [
    ['co =34', { do: 'dip', by: 1, token: 'coral', said: 34 }],
    ['2: dip white !knew-it', { do: 'dip', by: 2, token: 'white', explained: true, how: 'knew-it' }],
    ['1: count nothing', { do: 'recount', by: 1, counts: {} }],
    ['2: count coral 3, am 1', { do: 'recount', by: 2, counts: { coral: 3, amber: 1 } }],
  ],
  notUnderstood: [[''], ['green'], ['count coral'], ['=7']],
  may: { goal: 30, turns: 7, finish: 'at-once', recount: 'off', answers: 'off' },
  amend: {
    parts: { ...open, entries: [dip(1, 'plum', 10), dip(2, 'coral', 3)] },
    entry: 1,
    reads: /Ines dips plum and says 10/,
    touch: ['Another token', 'Dipped amber', /^Total 6, said 6/],
    becomes: 'Ines dips amber and says 6',
    play: { do: 'dip', by: 1, token: 'amber', said: 6 },
  },
  byHand: {
    parts: { ...open, houseRules: { goal: 25 } },
    steps: [
      { tap: 'Dipped slate' },
      { tap: /^Total 15, said 15/ },
      { turn: 'Tomasz' },
      { keys: '4s' },
      { tap: 'What may the next dip bring?' },
      { tap: 'Dipped plum' },
      { tap: 'Figure 2' },
      { tap: 'Figure 4' },
      { verdict: 'Ines said 24; it is 25.' },
      { tap: /^Total 25, said 24/ },
      { turn: 'Tomasz' },
      { tap: 'Dipped coral' },
      { tap: /^Total 13, said 13/ },
      { tap: 'One slate more' },
      { verdict: /plum: 0 counted, 1 on the tape/ },
      { tap: 'One plum more' },
      { tap: 'That is what lies there' },
      { wins: 'Ines wins' },
      { tape: 'Ines counts 1 slate and 1 plum' },
    ],
    entries: [
      dip(1, 'slate', 15),
      dip(2, 'plum', 10),
      dip(1, 'plum', 24),
      dip(2, 'coral', 13),
      count(1, { slate: 1, plum: 1 }),
    ],
  },
  board: {
    shows: ['Ines', 'Tomasz', 'coral'],
    last: 'Ines dips amber',
    next: dip(2, 'plum', 25),
    then: [{ score: [2, '25'] }, { turn: 'Ines' }],
  },
}
