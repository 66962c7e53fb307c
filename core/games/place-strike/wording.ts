import type { GameWording } from '#core/contract/game'
import type { StrikeCodes } from '#core/games/place-strike/codes'
import { PLACES, type StrikePlay, type StrikeRules, type StrikeState } from '#core/games/place-strike/rules'
import { count, grouped, numberWord } from '#core/basics/words'

const placeName = (place: number) => PLACES[place - 1] ?? `place ${place}`

/** Sentences of Place Strike in English. */
export const wording: GameWording<StrikeRules, StrikePlay, StrikeState, StrikeCodes> = {
  reasons: {
    'no-such-number': ({ number, numbers }) => `There is no number ${number}; there are ${numberWord(numbers)}.`,
    'already-struck': ({ number, place, digit }) =>
      `The ${digit} in the ${placeName(place)} of number ${number} is struck already.`,
    'no-match': ({ number, place, digit, there, value, written }) =>
      `In number ${number}, ${grouped(written)}, the ${placeName(place)} are ${there} (${grouped(value)}), not ${digit}.`,
    'has-a-match': ({ digit, place, number, written }) =>
      `Look once more at number ${number}: ${grouped(written)} has ${digit} in the ${placeName(place)}.`,
  },
  notes: {
    struck: ({ by, digit, place, number, value, count: struck, strikes }, { name }) =>
      `${digit} in the ${placeName(place)} is ${grouped(value)}, in number ${number}: ${name(by)} has ${struck} of ${strikes} there.`,
    'nothing-struck': ({ by, digit, place }, { name }) =>
      `${name(by)} has no ${digit} in the ${placeName(place)} to strike.`,
  },
  why: { 'struck-out': 'struck enough digits in one number', 'most-struck': 'most digits struck in one number' },
  play(play, { name }, _rules, { boards }) {
    const roll = `${play.digit} in the ${placeName(play.place)}`
    if (play.do === 'none') return `${name(play.by)} has no ${roll}`
    const written = boards[play.by - 1]?.[play.number - 1]
    return `${name(play.by)} strikes ${roll} of ${written === undefined ? `number ${play.number}` : grouped(written)}`
  },
  readBack({ numbers, digits, sides, strikes, mustStrike, finish }) {
    return [
      `Everyone writes ${count(numbers, 'number', 'numbers')} of ${numberWord(digits)} digits, each from 1 to ${sides}.`,
      `Roll a digit and a place; strike that digit there in one of your numbers.${mustStrike ? ' A match must be struck.' : ''}`,
      `First with ${count(strikes, 'struck digit', 'struck digits')} in one number${finish === 'even-turns' ? '; the round is played to its end, and several may win' : ''}.`,
    ]
  },
  prompts: (_rules, notes) =>
    notes.some(({ code }) => code === 'struck')
      ? [
          'How much is that digit worth there?',
          'Which number is nearest to the end?',
          'Which roll would you like next?',
        ]
      : [
          'Read your largest number aloud.',
          'Which column is that place?',
          'How much more is a digit worth one place to the left?',
        ],
}
