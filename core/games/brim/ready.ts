import type { BrimRules } from '#core/games/brim/rules'
import { pointsSheet } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

export const ready: Ready<BrimRules> = {
  aloud: ({ dice, rolls, limit, rounds, mustFreeze }) => [
    `Roll ${count(dice, 'die', 'dice')}, up to ${count(rolls, 'time', 'times')}; before each further roll ${mustFreeze ? `freeze at least ${mustFreeze}` : 'you may freeze as many as you like'}, and frozen dice stay.`,
    `Stop when you are content: ${limit} or less is your score, more than ${limit} is nothing.`,
    `After ${count(rounds, 'round', 'rounds')} the most points win.`,
  ],
  talk: ({ limit }) => ({
    notice: 'How much may lie at most, and which dice make ten?',
    say: `Ten is the sum of six and four; what is missing to ${limit} is the room left.`,
    hard: 'When did you roll on, or stop, and were you glad of it?',
  }),
  sheets: ({ rounds }, seats) => [pointsSheet(rounds, seats)],
  ladder: ['first-steps', 'short', 'bold', 'big'],
}
