import { itemAt } from '#core/basics/lists'
import { PLACES, type StrikeRules } from '#core/games/place-strike/rules'
import { span } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { numberInWords } from '#core/basics/numberInWords'
import { capital, count, grouped, numberWord } from '#core/basics/words'

export const ready: Ready<StrikeRules> = {
  aloud: ({ numbers, digits, sides, strikes, mustStrike }) => [
    `Write ${count(numbers, 'number', 'numbers')} of ${numberWord(digits)} digits, each digit from 1 to ${sides}.`,
    `Roll a digit and a place: who has that digit there strikes it in one number${mustStrike ? ', and must if there is one' : ''}.`,
    `First with ${count(strikes, 'struck digit', 'struck digits')} in one number wins.`,
  ],
  talk: () => ({
    notice: 'Read one of your numbers aloud: which digit is worth most?',
    say: 'The four stands in the tens: it is worth forty.',
    hard: 'Which place did you mistake for another?',
  }),
  sheets({ numbers, digits }, seats) {
    const places = PLACES.slice(0, digits)
    return [
      {
        id: 'numbers',
        title: `Sheet for ${numbers} numbers of ${numberWord(digits)} digits`,
        kind: 'table',
        copies: seats,
        head: ['', ...places.toReversed()],
        widths: [0.45, ...places.map(() => 1)],
        rows: span(1, numbers).map((number) => [String(number), ...places.map(() => '')]),
      },
      {
        id: 'places',
        title: 'Place die',
        kind: 'key',
        lines: span(1, 6).map((face) => ({
          face,
          means: face <= digits ? `${face} = ${itemAt(PLACES, face - 1)}` : `${face} = roll again`,
        })),
      },
      {
        id: 'words',
        title: 'Number words',
        kind: 'table',
        head: ['Figures', 'Words'],
        widths: [1, 4],
        rows: WORDS.map((number) => [grouped(number), capital(numberInWords(number))]),
      },
    ]
  },
  ladder: ['three', 'four', 'usual', 'nine'],
}

/** Those that children ask for. */
const WORDS = [
  10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 30, 40, 50, 60, 70, 80, 90, 100, 101, 115, 250, 1000, 1001, 10_010,
  100_000, 345_678,
]
