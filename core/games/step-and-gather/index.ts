import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/step-and-gather/about'
import type { StepCodes } from '#core/games/step-and-gather/codes'
import { bot, deal, plays } from '#core/games/step-and-gather/bot'
import { readPlay, writePlay } from '#core/games/step-and-gather/notation'
import { predictions } from '#core/games/step-and-gather/predictions'
import { ready } from '#core/games/step-and-gather/ready'
import * as rules from '#core/games/step-and-gather/rules'
import type { Step, StepRules, StepState } from '#core/games/step-and-gather/rules'
import { wording } from '#core/games/step-and-gather/wording'
import { turnsProgress } from '#core/kit/turns'

/** Step & Gather: walk an own path and gather as many cubes as each space says. */
export const stepAndGather = defineGame<StepRules, null, Step, StepState, StepCodes>({
  id: 'step-and-gather',
  about,
  ...rules,
  answerCalled: () => 'running total',
  presets: [
    { id: 'usual', label: 'Twenty spaces', hint: 'One to six cubes a space.', rules: {} },
    {
      id: 'short',
      label: 'Twelve spaces',
      hint: 'Short, one to three cubes a space.',
      rules: { path: [1, 2, 1, 3, 2, 1, 3, 1, 2, 3, 1, 2] },
    },
    { id: 'exact', label: 'Home exactly', hint: 'A larger roll than the way home stays.', rules: { atEnd: 'exact' } },
    {
      id: 'large',
      label: 'Large gatherings',
      hint: 'Four to twelve cubes a space: most steps go over a ten.',
      rules: { path: [7, 4, 9, 12, 6, 8, 5, 11, 9, 6, 12, 8, 7, 10, 9, 11] },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  problems: () => [],
  prepare: (given, seats) => ({
    needs: [
      { count: seats, what: 'paths', detail: `${given.path.length} spaces each: ${given.path.join(' ')}` },
      { count: 1, what: 'die', detail: `with ${given.sides} sides` },
      { count: seats, what: 'pieces' },
      { count: 1, what: 'box of cubes', detail: 'that stack, for towers of ten' },
    ],
    care: ['Dice, pieces and cubes can be swallowed: keep them from children under three.'],
  }),
  ready,
  plays,
  progress: (_rules, state) => turnsProgress(state, null),
  standing: (_rules, state) => state.cubes,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, state, { by, roll }) {
    const before = state.cubes[by - 1] ?? 0
    const { gathered } = rules.stepFrom(given, state.places[by - 1] ?? 0, roll)
    return before > 0 && gathered > 0
      ? [{ operation: 'add', terms: [before, gathered], answer: before + gathered }]
      : []
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
