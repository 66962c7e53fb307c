import type { GameWording } from '#core/contract/game'
import type { LandingCodes } from '#core/games/exact-landing/codes'
import type { LandingRules, LandingState, Spin } from '#core/games/exact-landing/rules'
import { andSays, list } from '#core/basics/words'

const BEYOND = {
  'spin-again': 'is spun again',
  'lose-turn': 'loses the turn',
  extend: 'is walked: the line goes on there',
} as const

/** Sentences of Exact Landing in English. */
export const wording: GameWording<LandingRules, Spin, LandingState, LandingCodes> = {
  reasons: {
    'bad-line': ({ rule, value, low, high }) =>
      rule === 'high'
        ? `The line must go up: from ${low} to a larger number than that.`
        : rule === 'start'
          ? `The start must lie on the line from ${low} to ${high}, and not on the goal; it is ${value}.`
          : `The goal must lie on the line from ${low} to ${high}; it is ${value}.`,
    'goal-out-of-reach': ({ goal, start, steps }) =>
      `With steps of ${list(steps)} nobody can ever land on ${goal} from ${start}. Choose another goal or other steps.`,
  },
  notes: {
    moves: ({ by, to }, { name }) => `${name(by)} stands on ${to}.`,
    lands: ({ by, to }, { name }) => `${name(by)} lands on ${to}, the goal!`,
    'spin-again': ({ by, to, from }, { name }) =>
      `${to} is off the line: ${name(by)} stays on ${from} and spins again.`,
    'turn-lost': ({ by, to, from }, { name }) =>
      `${to} is off the line: ${name(by)} stays on ${from}, the turn is lost.`,
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
