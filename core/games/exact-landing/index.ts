import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/exact-landing/about'
import type { LandingCodes } from '#core/games/exact-landing/codes'
import { bot, deal, plays } from '#core/games/exact-landing/bot'
import { readPlay, writePlay } from '#core/games/exact-landing/notation'
import { predictions } from '#core/games/exact-landing/predictions'
import { ready } from '#core/games/exact-landing/ready'
import * as rules from '#core/games/exact-landing/rules'
import type { LandingRules, LandingState, Spin } from '#core/games/exact-landing/rules'
import { wording } from '#core/games/exact-landing/wording'
import { turnsProgress } from '#core/kit/turns'

/** Exact Landing: spin a sign and a step along a number line; land exactly on the goal. */
export const exactLanding = defineGame<LandingRules, null, Spin, LandingState, LandingCodes>({
  id: 'exact-landing',
  about,
  ...rules,
  best: () => 'nearest',
  goal: ({ goal }) => goal,
  answerCalled: () => 'place',
  presets: [
    { id: 'usual', label: '0 to 10', hint: 'From 5 to 10, steps of one to three.', rules: {} },
    {
      id: 'twenty',
      label: '0 to 20',
      hint: 'From 10 to 20, steps to six.',
      rules: { high: 20, start: 10, goal: 20, steps: [1, 2, 3, 4, 5, 6] },
    },
    {
      id: 'below',
      label: 'Below zero',
      hint: 'The line goes on below 0; even turns.',
      rules: { under: 'extend', finish: 'even-turns' },
    },
    {
      id: 'around-zero',
      label: 'Around zero',
      hint: 'From −10 to 10, home is 0.',
      rules: { low: -10, high: 10, start: -6, goal: 0, steps: [1, 2, 3, 4] },
    },
    {
      id: 'tens',
      label: 'By tens',
      hint: '0 to 100 in tens.',
      rules: { high: 100, start: 50, goal: 100, steps: [10, 20, 30] },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  problems: (given, _seats, when) => rules.problems(given, when),
  prepare: (given, seats) => ({
    needs: [
      { count: 1, what: 'number line', detail: `from ${given.low} to ${given.high}` },
      { count: 2, what: 'spinners', detail: `one with + and −, one with ${given.steps.join(', ')}` },
      { count: seats, what: 'pieces' },
    ],
    care: ['Pieces and paper clips can be swallowed: keep them from children under three.'],
  }),
  ready,
  plays,
  progress: (_rules, state) => turnsProgress(state, null),
  standing: (_rules, state) => state.places,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, state, { by, sign, step }) {
    const from = state.places[by - 1] ?? given.start
    const { to, off } = rules.spinFrom(given, from, sign, step)
    return off === null ? [{ operation: sign === '+' ? 'add' : 'subtract', terms: [from, step], answer: to }] : []
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
