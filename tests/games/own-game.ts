import { play, type GameFixture } from './fixture'

const thrown = (by: number, numbers: number[], more: object = {}) => play({ do: 'throw', by, numbers, ...more })
const open = { game: 'own-game' }
const ruling = (houseRules: object) => ({ ruling: { houseRules } })

/** Three cards, made to a number or put in a sentence without a division. */
const cards = {
  ...open,
  houseRules: {
    brings: { kind: 'cards', pack: { low: 0, high: 9, copies: 4 }, draw: 3 },
    ways: [
      { makes: 'number', does: 'add' },
      { makes: 'calculation', does: 'add' },
    ],
    signs: ['add', 'subtract', 'times'],
    rounds: 1,
    explain: 'off',
  },
}
const divided = { ...cards, houseRules: { ...cards.houseRules, signs: ['add', 'divide'] } }
const sentence = (calculation: string, numbers = [4, 7, 2]) => thrown(1, numbers, { way: 2, calculation })
const track = {
  ...open,
  houseRules: {
    track: { from: 0, to: 20, start: 0 },
    goal: 20,
    rounds: 5,
    specials: [{ when: { is: 'on', n: 7 }, then: { do: 'go-to', n: 12 } }],
  },
}
const nearest = { ...open, houseRules: { wins: 'nearest', goal: 50 } }

export const ownGame: GameFixture = {
  seats: [1, 6],
  points: true,
  extraRound: true,
  open,
  live: { ...open, entries: [thrown(1, [3, 4], { said: 8 })] },
  match: {
    parts: {
      ...open,
      houseRules: {
        rounds: 2,
        answers: 'must-be-right',
        specials: [{ when: { is: 'same' }, then: { do: 'again' } }],
      },
    },
    lines: [
      ['34 =8', 'wrong-answer', [0, 0]],
      ['34 =7', 'ok', [7, 0]],
      ['1: 34 =7', 'not-their-turn', [7, 0]],
      ['55 =10', 'ok', [7, 10]],
      ['12', 'answer-missing', [7, 10]],
      ['12 =3', 'ok', [7, 13]],
      ['throw 6 6 =12', 'ok', [19, 13]],
      ['11 =2', 'ok', [21, 13]],
      ['12 =3', 'ok', [24, 13]],
      ['24 =6', 'ok', [24, 19]],
    ],
    result: { winners: [1], shared: false, why: 'most-own' },
  },
  slips: {
    'wrong-count': { ...open, entries: [thrown(1, [3])] },
    'not-these-digits': { ...cards, entries: [thrown(1, [4, 7, 2], { way: 1, number: 743 })] },
    'not-readable': { ...cards, entries: [sentence('4 + (7')] },
    'sign-not-agreed': { ...cards, entries: [sentence('4 : 2 + 7')] },
    'not-these-numbers': { ...cards, entries: [sentence('4 + 7 + 3')] },
    'numbers-left': { ...cards, entries: [sentence('4 + 7')] },
    'does-not-divide': { ...divided, entries: [sentence('7 / 2 + 4')] },
    'never-ends': { ...open, entries: [ruling({ rounds: null })] },
    'bad-goal': { ...open, entries: [ruling({ goal: 0 })] },
    'goal-out-of-reach': { ...track, entries: [ruling({ goal: 21 })] },
    'needs-goal': { ...nearest, entries: [ruling({ goal: null })] },
  },
  sentences: [
    [{ ...open, entries: [thrown(1, [3])] }, 'Doesn’t stand: A throw brings 2 numbers; 1 is given.'],
    [{ ...cards, entries: [sentence('4 + (7')] }, 'Doesn’t stand: “4 + (7” stops in the middle of a number sentence.'],
    [{ ...cards, entries: [sentence('4 + 7 x 2')] }, 'Doesn’t stand: “4 + 7 x 2” can’t be read from “x 2” on.'],
    [{ ...cards, entries: [sentence('4 + 7')] }, 'Doesn’t stand: 2 is left over: every number is to be used.'],
    [{ ...open, entries: [thrown(1, [3, 4])] }, 'It makes 7. Ines has 7.'],
    [{ ...track, entries: [thrown(1, [3, 4])] }, 'It makes 7. Ines moves from 0 to 7. Special: on to 12.'],
    [
      {
        ...open,
        houseRules: { throws: 'choice', specials: [{ when: { is: 'has', n: 1 }, then: { do: 'bust' } }] },
        entries: [thrown(1, [6, 5]), thrown(1, [1, 5])],
      },
      'It makes 6. Special: what the turn made is lost.',
    ],
  ],
  understood: [
    ['34', { do: 'throw', by: 1, numbers: [3, 4] }],
    ['2: throw 3 4 =7 !made-ten', { do: 'throw', by: 2, numbers: [3, 4], said: 7, explained: true, how: 'made-ten' }],
    ['472 way 1 number 742 =742', { do: 'throw', by: 1, numbers: [4, 7, 2], way: 1, number: 742, said: 742 }, cards],
    ['4 7 2 way 2 calc (4+2)*7', { do: 'throw', by: 1, numbers: [4, 7, 2], way: 2, calculation: '(4+2)*7' }, cards],
    ['s', { do: 'stop', by: 1 }],
  ],
  notUnderstood: [['throw'], ['three'], ['3 4 way']],
  may: {
    rounds: 12,
    goal: 90,
    finish: 'even-turns',
    title: 'Ferry dice',
    rule: 'No blowing on the dice.',
    answers: 'off',
  },
  amend: {
    parts: { ...open, entries: [thrown(1, [3, 4])] },
    entry: 1,
    reads: /Ines throws 3 4/,
    touch: ['Remove the last', 'Rolled a 5', /^Makes 8, said 8/],
    becomes: 'Ines throws 3 5 and says 8',
    play: { do: 'throw', by: 1, numbers: [3, 5], said: 8 },
  },
  byHand: {
    parts: cards,
    steps: [
      { tap: 'Card 4' },
      { keys: '72' },
      { tap: 'a number made of the digits, added' },
      { tap: 'Digit 7, 2 of 3' },
      { tap: 'Digit 4, 1 of 3' },
      { tap: 'Digit 2, 3 of 3' },
      { tap: /^Makes 742, said 742/ },
      { turn: 'Tomasz' },
      { tap: 'Card 5' },
      { tap: 'Card 3' },
      { tap: 'Card 9' },
      { tap: 'a number sentence, added' },
      { tap: 'Number 9, 3 of 3' },
      { tap: 'times' },
      { tap: 'Bracket opens' },
      { tap: 'Number 5, 1 of 3' },
      { verdict: 'stops in the middle of a number sentence' },
      { tap: 'add' },
      { tap: 'Number 3, 2 of 3' },
      { tap: 'Bracket closes' },
      { verdict: 'It makes 72.' },
      { tap: /^Makes 72, said 72/ },
      { wins: 'Ines wins' },
    ],
    entries: [
      thrown(1, [4, 7, 2], { way: 1, number: 742, said: 742 }),
      thrown(2, [5, 3, 9], { way: 2, calculation: '9×(5+3)', said: 72 }),
    ],
  },
  board: {
    shows: ['Ines', 'Tomasz'],
    hides: ['said 8'],
    last: 'Ines throws 3 4',
    next: thrown(2, [6, 6], { said: 12 }),
    then: [{ score: [2, '12'] }, { turn: 'Ines' }],
  },
}
