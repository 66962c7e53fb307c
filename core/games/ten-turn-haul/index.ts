import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/ten-turn-haul/about'
import type { HaulCodes } from '#core/games/ten-turn-haul/codes'
import { bot, deal, plays } from '#core/games/ten-turn-haul/bot'
import { readPlay, writePlay } from '#core/games/ten-turn-haul/notation'
import { predictions } from '#core/games/ten-turn-haul/predictions'
import { ready } from '#core/games/ten-turn-haul/ready'
import * as rules from '#core/games/ten-turn-haul/rules'
import type { HaulRules, HaulState, Spin } from '#core/games/ten-turn-haul/rules'
import { wording } from '#core/games/ten-turn-haul/wording'
import { turnsProgress } from '#core/kit/turns'

/** Ten-Turn Haul: spin a number each turn, add it on; after the last turn compare sums. */
export const tenTurnHaul = defineGame<HaulRules, null, Spin, HaulState, HaulCodes>({
  id: 'ten-turn-haul',
  about,
  ...rules,
  answerCalled: () => 'running total',
  extraRound: () => true,
  presets: [
    { id: 'usual', label: 'One to ten', hint: 'Ten spins each.', rules: {} },
    {
      id: 'small',
      label: 'One to five',
      hint: 'For the first sums; six spins.',
      rules: { faces: [1, 2, 3, 4, 5], turns: 6 },
    },
    {
      id: 'tens',
      label: 'Tens',
      hint: 'Whole tens, to 1000 and near.',
      rules: { faces: [10, 20, 30, 40, 50, 60, 70, 80, 90, 100] },
    },
    {
      id: 'large',
      label: 'Over the ten',
      hint: 'Six to nineteen: most spins go over a ten.',
      rules: { faces: [6, 7, 8, 9, 11, 14, 17, 19] },
    },
    { id: 'least', label: 'The least', hint: 'The lowest sum wins.', rules: { better: 'lower' } },
  ],
  opening: z.null(),
  play: rules.playSchema,
  problems: () => [],
  prepare: (given, seats) => ({
    needs: [
      { count: 1, what: 'spinner', detail: `with ${given.faces.join(', ')}: a pencil and a paper clip will do` },
      {
        count: seats,
        what: seats === 1 ? 'strip of boxes' : 'strips of boxes',
        detail: `${given.turns} boxes, one a turn`,
      },
    ],
    care: ['Paper clips can be swallowed: keep them from children under three.'],
  }),
  ready,
  plays,
  progress: ({ turns }, state) => turnsProgress(state, turns, 'turn'),
  standing: (_rules, state) => state.totals,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts: (_rules, state, { by, value }) => {
    const before = state.totals[by - 1] ?? 0
    return before > 0 ? [{ operation: 'add', terms: [before, value], answer: before + value }] : []
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
