import { play, type GameFixture } from './fixture'

type Answer = readonly [by: number, said: number, explained?: boolean]
const round = (cards: number[], ...answers: Answer[]) =>
  play({
    do: 'round',
    cards,
    answers: answers.map(([by, said, explained = true]) => ({ by, said, ...(explained ? { explained } : {}) })),
  })
const open = { game: 'say-it-first' }

export const sayItFirst: GameFixture = {
  seats: [1, 4],
  points: true,
  open,
  live: { ...open, entries: [round([3, 7], [1, 10]), round([8, 4], [2, 11, false], [1, 12, false]), round([5, 9])] },
  match: {
    parts: { ...open, houseRules: { rounds: 4 } },
    lines: [
      ['37 1', 'ok', [2, 0]],
      ['8 4 | 2=11, 1=12', 'ok', [2, 0]],
      ['3', 'wrong-card-count', [2, 0]],
      ['9 10 2', 'no-such-card', [2, 0]],
      ['round 9 9 | 3=18', 'no-such-player', [2, 0]],
      ['99 1=17, 2=18!near-double', 'ok', [2, 4]],
      ['99 2', 'ok', [2, 6]],
    ],
    result: { winners: [2], shared: false, why: 'most-cards' },
  },
  slips: {
    'wrong-card-count': { ...open, entries: [round([3])] },
    'no-such-card': { ...open, entries: [round([3, 10])] },
    'too-many-copies': {
      ...open,
      houseRules: { pack: { low: 1, high: 9, copies: 1 } },
      entries: [round([3, 4]), round([3, 5])],
    },
  },
  sentences: [
    [{ ...open, entries: [round([3, 7], [1, 10])] }, 'Ines takes two cards.'],
    [
      { ...open, entries: [round([3, 7], [1, 10, false])] },
      'Ines was right but did not say how. It is 10. Nobody takes the cards; 2 cards lie in the pot.',
    ],
    [{ ...open, houseRules: { unclaimed: 'away' }, entries: [round([3, 7])] }, 'It is 10. Nobody takes the cards.'],
    [
      { ...open, entries: [round([3, 7]), round([2, 2], [1, 5], [1, 4], [2, 4])] },
      'Ines said 5; it is 4. Ines called twice; the first counts. Tomasz takes four cards, two of them from the pot.',
    ],
    [{ ...open, entries: [round([3])] }, 'Doesn’t stand: A card for each player: 2, not 1.'],
  ],
  understood: [
    ['37 1', { do: 'round', cards: [3, 7], answers: [{ by: 1, said: 10, explained: true }] }],
    [
      '3 7 2=9, 1?',
      {
        do: 'round',
        cards: [3, 7],
        answers: [
          { by: 2, said: 9 },
          { by: 1, said: 10, explained: false },
        ],
      },
    ],
    [
      'round 3 7 | 2=10 !made-ten | ~other',
      { do: 'round', cards: [3, 7], answers: [{ by: 2, said: 10, explained: true, how: 'made-ten' }], how: 'other' },
    ],
    ['37', { do: 'round', cards: [3, 7], answers: [] }],
    [
      '2: 37 @1=9',
      {
        do: 'round',
        cards: [3, 7],
        answers: [
          { by: 1, said: 9 },
          { by: 2, said: 10, explained: true },
        ],
      },
    ],
    ['9 2', { do: 'round', cards: [9, 2], answers: [] }],
  ],
  notUnderstood: [[''], ['round'], ['37 ines'], ['3 7 | 1=x'], ['a b']],
  may: { rounds: 7, unclaimed: 'away' },
  amend: {
    parts: { ...open, entries: [round([3, 7], [1, 10]), round([8, 4], [1, 12])] },
    entry: 1,
    reads: /3 and 7 turned; Ines says 10/,
    touch: ['Remove Ines’s 10', /Tomasz said 10/, 'Said how'],
    becomes: '3 and 7 turned; Tomasz says 10',
    play: { do: 'round', cards: [3, 7], answers: [{ by: 2, said: 10, explained: true }] },
  },
  byHand: {
    parts: { ...open, houseRules: { rounds: 4 } },
    steps: [
      { tap: 'Turned a 8' },
      { tap: 'Turned a 5' },
      { tap: /Ines said 13/ },
      { tap: 'near double' },
      { score: [1, '2'] },
      { keys: '46' },
      { tap: 'Tomasz said another number' },
      { tap: 'Figure 9' },
      { tap: 'Tomasz said 9' },
      { tap: /Nobody else knew/ },
      { keys: '22' },
      { press: 'F2' },
      { press: 'e' },
      { score: [2, '4'] },
      { tap: 'Which facts are not sure yet?' },
      { tap: 'Turned a 9' },
      { tap: 'Turned a 1' },
      { tap: /Tomasz said 10/ },
      { tap: 'Not explained' },
      { tap: /Ines said 10/ },
      { tap: 'counted on' },
      { wins: 'Ines and Tomasz share the win' },
      { tape: '9 and 1 turned; Tomasz says 10 and Ines says 10' },
    ],
    entries: [
      play({ do: 'round', cards: [8, 5], answers: [{ by: 1, said: 13, explained: true, how: 'near-double' }] }),
      round([4, 6], [2, 9, false]),
      round([2, 2], [2, 4]),
      play({
        do: 'round',
        cards: [9, 1],
        answers: [
          { by: 2, said: 10, explained: false },
          { by: 1, said: 10, explained: true, how: 'counted-on' },
        ],
      }),
    ],
  },
  board: {
    shows: ['Ines', 'Tomasz', 'Pot'],
    last: '5 and 9 turned; nobody answers',
    next: round([1, 1], [2, 2]),
    then: [{ score: [2, '6'] }],
  },
}
