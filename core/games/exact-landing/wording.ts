import type { GameWording } from '#core/game'
import type { LandingRules, LandingState, Spin } from '#core/games/exact-landing/rules'
import { andSays, list } from '#core/wording/words'

const BEYOND = {
  'spin-again': 'is spun again',
  'lose-turn': 'loses the turn',
  extend: 'is walked: the line goes on there',
} as const

/** Sentences of Exact Landing in English. */
export const wording: GameWording<LandingRules, Spin, LandingState> = {
  reasons: {
    'bad-line': ({ rule, value, low, high }) =>
      rule === 'high'
        ? `The line must go up: from ${String(low)} to a larger number than that.`
        : rule === 'start'
          ? `The start must lie on the line from ${String(low)} to ${String(high)}, and not on the goal; it is ${String(value)}.`
          : `The goal must lie on the line from ${String(low)} to ${String(high)}; it is ${String(value)}.`,
    'goal-out-of-reach': ({ goal, start, steps }) =>
      `With steps of ${list(steps as readonly number[])} nobody can ever land on ${String(goal)} from ${String(start)}. Choose another goal or other steps.`,
  },
  notes: {
    moves: ({ by, to }, { name }) => `${name(Number(by))} stands on ${String(to)}.`,
    lands: ({ by, to }, { name }) => `${name(Number(by))} lands on ${String(to)}, the goal!`,
    'spin-again': ({ by, to, from }, { name }) =>
      `${String(to)} is off the line: ${name(Number(by))} stays on ${String(from)} and spins again.`,
    'turn-lost': ({ by, to, from }, { name }) =>
      `${String(to)} is off the line: ${name(Number(by))} stays on ${String(from)}, the turn is lost.`,
  },
  why: { landed: 'landed on the goal', nearest: 'nearest to the goal' },
  play: ({ by, sign, step, said }, { name }) => `${name(by)} spins ${sign === '-' ? '−' : '+'}${step}${andSays(said)}`,
  readBack: ({ low, high, start, goal, steps, over, under, finish }) => [
    `A number line from ${low} to ${high}. Every piece starts on ${start}; the goal is ${goal}.`,
    `One spinner says plus or minus, another one how far: ${list(steps)}.`,
    over === under
      ? `A spin off either end ${BEYOND[over]}.`
      : `A spin beyond ${high} ${BEYOND[over]}; one below ${low} ${BEYOND[under]}.`,
    ...(over === 'extend' && under === 'extend' ? ['Both ends go on: the match may never end. A clock helps.'] : []),
    finish === 'at-once'
      ? 'Whoever lands on the goal wins at once.'
      : 'When somebody lands on the goal the round is played to its end; all who landed win.',
  ],
  prompts: (_rules, notes) =>
    notes.length
      ? ['How far is it to the goal now?', 'Which spins would do it?', 'Which number sentence was that?']
      : ['Which way does it go, and how far?', 'Where will the piece stand?', 'Is that still on the line?'],
}
