import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/table-ladder/about'
import type { LadderCodes } from '#core/games/table-ladder/codes'
import { bot, deal, plays } from '#core/games/table-ladder/bot'
import { readPlay, writePlay } from '#core/games/table-ladder/notation'
import { predictions } from '#core/games/table-ladder/predictions'
import { ready } from '#core/games/table-ladder/ready'
import * as rules from '#core/games/table-ladder/rules'
import type { LadderRules, LadderState, RungPlay } from '#core/games/table-ladder/rules'
import { wording } from '#core/games/table-ladder/wording'

/** Table Ladder: one factor all the way down; roll the other; fill every rung. */
export const tableLadder = defineGame<LadderRules, null, RungPlay, LadderState, LadderCodes>({
  id: 'table-ladder',
  about,
  ...rules,
  turns: ({ order }) => order === 'turns',
  answerCalled: () => 'product',
  commonDefaults: { answers: 'must-be-right' },
  presets: [
    { id: 'usual', label: 'In turns', hint: 'Ten rungs each; everybody wins together.', rules: {} },
    { id: 'short', label: 'Six rungs', hint: 'A die with six sides, six rungs.', rules: { sides: 6, rungs: 6 } },
    { id: 'race', label: 'A race', hint: 'All at once; the first full ladder wins.', rules: { order: 'race' } },
    {
      id: 'right',
      label: 'Most right',
      hint: 'Wrong products fill a rung too, but are not right.',
      rules: { answers: 'noted', win: 'most-right' },
    },
    {
      id: 'total',
      label: 'Highest total',
      hint: 'The right products are added up.',
      rules: { answers: 'noted', win: 'highest-total', rungs: 8 },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: (given, seats) => ({
    needs: [
      {
        count: seats,
        what: seats === 1 ? 'ladder' : 'ladders',
        detail: `with ${given.rungs} rungs, the factor beside each: ${given.factors.join(', ')}`,
      },
      {
        count: given.order === 'race' ? seats : 1,
        what: given.order === 'race' && seats > 1 ? 'dice' : 'die',
        detail: `with ${given.sides} sides`,
      },
    ],
    care: ['Dice can be swallowed: keep them from children under three.'],
  }),
  ready,
  plays,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts: ({ factors }, _state, { by, roll }) => {
    const factor = factors[by - 1] ?? 1
    return [{ operation: 'times', terms: [factor, roll], answer: factor * roll }]
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
