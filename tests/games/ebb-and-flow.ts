import { play, type GameFixture } from './fixture'

const flip = (by: number, card: number | 'wild', said?: number, colour?: string) =>
  play({ do: 'flip', by, card, ...(colour === undefined ? {} : { colour }), ...(said === undefined ? {} : { said }) })
const open = { game: 'ebb-and-flow' }
const coloured = { ...open, houseRules: { swing: 'colour' } }

export const ebbAndFlow: GameFixture = {
  seats: [2, 4],
  points: false,
  open,
  live: { ...open, entries: [flip(1, 8, 13), flip(2, 7, 0), flip(1, 'wild'), flip(1, 9, 22), flip(2, 6, 6)] },
  match: {
    parts: { ...open, houseRules: { turns: 2, answers: 'must-be-right' } },
    lines: [
      ['8', 'answer-missing', [5, 5]],
      ['8 =13', 'ok', [13, 5]],
      ['10 =15', 'no-such-card', [13, 5]],
      ['9 =-4', 'wrong-answer', [13, 5]],
      ['9 =0', 'ok', [13, 0]],
      ['2: 4 =4', 'not-their-turn', [13, 0]],
      ['wild', 'ok', [13, 0]],
      ['5 =18', 'ok', [18, 0]],
      ['6 =6', 'ok', [18, 6]],
    ],
    result: { winners: [1], shared: false, why: 'highest-total' },
  },
  slips: {
    'no-such-card': { ...open, entries: [flip(1, 3)] },
    'too-many-copies': { ...open, houseRules: { copies: 1 }, entries: [flip(1, 8), flip(2, 8)] },
  },
  sentences: [
    [{ ...open, entries: [flip(1, 8)] }, 'It is added: Ines has 13.'],
    [{ ...open, entries: [flip(1, 5)] }, 'It is taken away: Ines has 0.'],
    [
      { ...open, entries: [flip(1, 7)] },
      'It is taken away: Ines has 0. Nobody falls below 0: what would go below is let go.',
    ],
    [{ ...open, entries: [flip(1, 'wild')] }, 'A wild: Ines turns again, and that card is added.'],
    [
      { ...open, entries: [flip(1, 'wild'), flip(1, 'wild')] },
      'Another wild: still one card is added. Ines turns again.',
    ],
    [{ ...open, entries: [flip(1, 'wild'), flip(1, 7)] }, 'After the wild it is added: Ines has 12.'],
    [{ ...coloured, entries: [flip(1, 4, undefined, 'cool')] }, 'It is taken away: Ines has 6.'],
    [
      { ...coloured, entries: [flip(1, 4)] },
      'Doesn’t stand: The field “colour” is missing or not what is needed there.',
    ],
  ],
  understood: [
    ['7', { do: 'flip', by: 1, card: 7 }],
    ['2: flip 7 =12 !made-ten', { do: 'flip', by: 2, card: 7, said: 12, explained: true, how: 'made-ten' }],
    ['w4 =14', { do: 'flip', by: 1, card: 4, colour: 'warm', said: 14 }, coloured],
    ['flip cool 5 = −1', { do: 'flip', by: 1, card: 5, colour: 'cool', said: -1 }, coloured],
    ['wild', { do: 'flip', by: 1, card: 'wild' }],
  ],
  notUnderstood: [[''], ['flip'], ['7 + 5'], ['hot 4']],
  may: { turns: 7, answers: 'off' },
  amend: {
    parts: { ...open, entries: [flip(1, 8, 12), flip(2, 4)] },
    entry: 1,
    reads: /Ines turns 8 and says 12/,
    touch: ['Another card', 'Turned a 9', /^Total 0, said 0/],
    becomes: 'Ines turns 9 and says 0',
    play: { do: 'flip', by: 1, card: 9, said: 0 },
  },
  byHand: {
    parts: { ...open, houseRules: { turns: 2, floor: null } },
    steps: [
      { tap: 'Turned a 9' },
      { tap: 'Minus' },
      { tap: 'Figure 3' },
      { verdict: 'Ines said −3; it is −4.' },
      { tap: /^Total −4, said -3/ },
      { turn: 'Tomasz' },
      { tap: 'What is left in the pack?' },
      { keys: '6s' },
      { turn: 'Ines' },
      { tap: 'Turned a wild' },
      { turn: 'Ines' },
      { tap: 'Turned a 7' },
      { tap: /^Total 3, said 3/ },
      { turn: 'Tomasz' },
      { keys: 'x' },
      { keys: '5' },
      { press: 's' },
      { wins: 'Tomasz wins' },
      { tape: '11 + 5 = 16' },
    ],
    entries: [flip(1, 9, -3), flip(2, 6, 11), flip(1, 'wild'), flip(1, 7, 3), flip(2, 'wild'), flip(2, 5, 16)],
  },
  board: {
    shows: ['Ines', 'Tomasz', 'number cards left'],
    last: 'Tomasz turns 6',
    next: flip(1, 4, 26),
    then: [{ score: [1, '26'] }, { turn: 'Tomasz' }],
  },
}
