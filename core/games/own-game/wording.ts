import type { GameWording } from '#core/contract/game'
import { andSays, count, isAre, list } from '#core/basics/words'
import type { OwnCodes } from '#core/games/own-game/codes'
import type { OwnRules } from '#core/games/own-game/houseRules'
import type { OwnPlay } from '#core/games/own-game/rules'
import { sayRecipe } from '#core/games/own-game/sayRecipe'
import type { OwnState } from '#core/games/own-game/state'

const SIGNS: Readonly<Record<string, string>> = { '+': '+', '-': '−', '*': '×', '/': '÷' }

const THEN: Readonly<Record<string, (n: number | null) => string>> = {
  points: (n) =>
    (n ?? 0) > 0 ? `${count(n, 'extra point', 'extra points')}` : `${count(-(n ?? 0), 'point', 'points')} less`,
  again: () => 'another throw',
  'end-turn': () => 'the turn ends',
  miss: () => 'the next turn is missed',
  nothing: () => 'nothing happens',
  double: () => 'it counts twice',
  opposite: () => 'it is turned round',
  bust: () => 'what the turn made is lost',
  'lose-all': () => 'everything is lost',
  'go-to': (n) => `on to ${n}`,
  'send-back': () => 'the others there go back to the start',
}

/** Sentences of an own game in English. */
export const wording: GameWording<OwnRules, OwnPlay, OwnState, OwnCodes> = {
  reasons: {
    'wrong-count': ({ count: given, expected }) =>
      `A throw brings ${count(expected, 'number', 'numbers')}; ${given} ${isAre(given)} given.`,
    'not-these-digits': ({ number, numbers }) =>
      `${number} is not made of ${list(numbers)}: every digit once, in any order.`,
    'not-readable': ({ at, calculation }) =>
      at >= calculation.length
        ? `“${calculation}” stops in the middle of a number sentence.`
        : `“${calculation}” can’t be read from “${calculation.slice(at, at + 6)}” on.`,
    'sign-not-agreed': ({ sign }) => `${SIGNS[sign] ?? sign} was not agreed for number sentences.`,
    'not-these-numbers': ({ number, numbers }) =>
      `${number} was not thrown, or not as often: there are ${list(numbers)}.`,
    'numbers-left': ({ left }) => `${list(left)} ${isAre(left.length)} left over: every number is to be used.`,
    'does-not-divide': ({ dividend, divisor }) =>
      divisor === 0 ? 'Nothing can be divided by 0.' : `${dividend} can’t be divided by ${divisor} without a rest.`,
    'never-ends': () => 'Neither rounds nor a goal: it would never end.',
    'bad-goal': ({ goal }) => `Everybody begins with ${goal}: choose another goal.`,
    'goal-out-of-reach': ({ goal, from, to }) => `The goal ${goal} is not on the track from ${from} to ${to}.`,
    'needs-goal': () => 'Nearest to the goal wins: that needs a goal, and rounds after which it is decided.',
  },
  notes: {
    result: ({ result }) => `It makes ${result}.`,
    special: ({ then, n }) => `Special: ${THEN[then]?.(n) ?? then}.`,
    points: ({ by, points }, { name }) => `${name(by)} has ${points}.`,
    pot: ({ pot }) => `${pot} in the pot.`,
    banked: ({ by, pot, points }, { name }) => `${pot} from the pot: ${name(by)} has ${points}.`,
    waits: ({ by, result }, { name }) => `${name(by)} has ${result} for this round.`,
    moves: ({ by, from, to }, { name }) => `${name(by)} moves from ${from} to ${to}.`,
    stays: ({ by, at }, { name }) => `${name(by)} stays on ${at}.`,
    beyond: ({ by, goal, points }, { name }) => `That leads past ${goal}: ${name(by)} stays at ${points}.`,
  },
  why: { goal: 'came to the goal', 'most-own': 'the most', 'fewest-own': 'the fewest', 'nearest-own': 'the nearest' },
  play(play, { name }) {
    if (play.do === 'stop') return `${name(play.by)} stops${andSays(play.said)}`
    const { by, numbers, number, calculation, said } = play
    const used = number === undefined ? (calculation === undefined ? '' : `, ${calculation}`) : `, ${number}`
    return `${name(by)} throws ${numbers.join(' ')}${used}${andSays(said)}`
  },
  readBack: (rules) => sayRecipe(rules),
  prompts: ({ goal, ways }, notes) => [
    goal === null ? 'What would be the best you could throw?' : 'How far is it to the goal?',
    ...(ways.length > 1 || ways.some(({ makes }) => makes === 'calculation' || makes === 'number')
      ? ['Is there another way to make it?']
      : []),
    notes.length ? 'What must come next?' : 'How did you work it out?',
  ],
}
