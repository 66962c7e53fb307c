import type { DipRules } from '#core/games/token-dip/rules'
import { runningSheet } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count, figure, list } from '#core/basics/words'

export const ready: Ready<DipRules> = {
  aloud: ({ key, mode, goal, turns, floor, recount }) => [
    `Dip a token out of the bag without looking: ${list(key.map(({ token, worth }) => `${token} counts ${figure(worth)}`))}.`,
    `Lay it before you and say your new total${floor === null ? '; it may fall below zero' : ''}.`,
    mode === 'first-to'
      ? `First to ${goal} wins${recount === 'off' ? '' : ', once the tokens are counted over'}.`
      : `After ${count(turns, 'dip', 'dips')} each the highest total wins.`,
  ],
  talk: () => ({
    notice: 'Which token would you like most, and how many of it are in there?',
    say: 'I had twelve; six more is eighteen.',
    hard: 'Where did you go over a ten, and how?',
  }),
  sheets({ key, mode, turns }, seats) {
    const among = key.map(({ token }) => token)
    return [
      {
        id: 'key',
        title: 'What the tokens are worth',
        kind: 'key',
        lines: key.map(({ token, worth }) => ({ token, among, means: `${token} is ${figure(worth)}` })),
      },
      {
        id: 'recount',
        title: 'Counting the tokens over',
        kind: 'table',
        copies: seats,
        head: ['Token', 'worth', 'how many', 'makes'],
        rows: [...key.map(({ token, worth }) => [token, figure(worth), '', '']), ['Sum', '', '', '']],
      },
      runningSheet(mode === 'turns' ? turns : 15, 'Token', seats, '0'),
    ]
  },
  ladder: ['small', 'usual', 'counted', 'below'],
}
