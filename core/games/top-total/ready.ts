import { facesOfDie } from '#core/kit/dice'
import type { TopRules } from '#core/games/top-total/rules'
import { roundsSheet } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

const doing = { add: 'add them', times: 'multiply them', difference: 'find the difference' } as const

const level = {
  nobody: 'a level one is nobody’s',
  both: 'in a level one all the best take it',
  reroll: 'who are level roll again',
} as const

export const ready: Ready<TopRules> = {
  aloud: ({ dice, combine, better, rounds, tiedRound }) => [
    `Everyone rolls ${count(dice, 'die', 'dice')}${dice === 1 ? '' : ` and we ${doing[combine]}`}.`,
    `The ${better === 'higher' ? 'highest' : 'lowest'} result takes the round; ${level[tiedRound]}.`,
    `After ${count(rounds, 'round', 'rounds')} the most rounds win.`,
  ],
  talk: ({ combine }) => ({
    notice: 'What is the most that a roll can bring, and what the least?',
    say: `${{ add: 'Ten is the sum of six and four', times: 'Twenty-four is the product of six and four', difference: 'Two is the difference of six and four' }[combine]}.`,
    hard: 'Which roll took longest to work out?',
  }),
  sheets: ({ combine, sides, rounds }, seats) => [
    roundsSheet(rounds, seats),
    {
      id: 'chart',
      title: 'Chart of two dice',
      kind: 'chart',
      operation: combine,
      down: facesOfDie(sides),
      across: facesOfDie(sides),
    },
  ],
  ladder: ['usual', 'three', 'times', 'large'],
}
