import type { LandingRules } from '#core/games/exact-landing/rules'
import { runningSheet, span } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { list, figure } from '#core/basics/words'

/** Stops printed beyond an end where the line goes on. */
const BEYOND = 10

/** The stops that can be stood on: by ones, or by tens where every step is a ten. */
function stopsOf({ low, high, start, goal, steps, over, under }: LandingRules): number[] {
  const divisor = (a: number, b: number): number => (b === 0 ? Math.abs(a) : divisor(b, a % b))
  const unit = [...steps, start - low, high - start, goal - low].reduce(divisor, 0) || 1
  const [from, to] = [under === 'extend' ? low - BEYOND * unit : low, over === 'extend' ? high + BEYOND * unit : high]
  return span(0, (to - from) / unit).map((i) => from + i * unit)
}

const beyond = { 'spin-again': 'spin again', 'lose-turn': 'the turn is lost', extend: 'the line goes on' } as const

export const ready: Ready<LandingRules> = {
  aloud: ({ start, goal, over, under, finish }) => [
    `Everybody starts on ${start}; spin for plus or minus and for how far, and go that many steps.`,
    over === under
      ? `Beyond either end: ${beyond[over]}.`
      : `Beyond the upper end: ${beyond[over]}; beyond the lower end: ${beyond[under]}.`,
    `Whoever lands exactly on ${goal} wins${finish === 'even-turns' ? ', once all have had as many turns' : ''}.`,
  ],
  talk: ({ start, goal }) => ({
    notice: `How far is it from ${figure(start)} to ${figure(goal)}, and in which direction?`,
    say: `I stand on ${figure(start)}; two more is ${figure(start + 2)}.`,
    hard: 'Where did you land that you did not mean to, and why?',
  }),
  sheets: (rules, seats) => [
    {
      id: 'line',
      title: `Number line from ${rules.low} to ${rules.high}`,
      kind: 'line',
      stops: stopsOf(rules),
      strong: [rules.start, rules.goal],
    },
    {
      id: 'discs',
      title: 'Spinners',
      kind: 'discs',
      discs: [
        { title: 'Plus or minus', faces: ['+', '−'] },
        { title: `How far: ${list(rules.steps)}`, faces: rules.steps },
      ],
    },
    runningSheet(12, 'Sign and step', seats, String(rules.start)),
  ],
  ladder: ['usual', 'twenty', 'below', 'around-zero'],
}
