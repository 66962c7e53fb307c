import * as z from 'zod'
import { combined } from '#core/kit/dice'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/top-total/about'
import type { TopCodes } from '#core/games/top-total/codes'
import { bot, deal, plays } from '#core/games/top-total/bot'
import { readPlay, writePlay } from '#core/games/top-total/notation'
import { predictions } from '#core/games/top-total/predictions'
import { ready } from '#core/games/top-total/ready'
import * as rules from '#core/games/top-total/rules'
import type { Roll, TopRules, TopState } from '#core/games/top-total/rules'
import { wording } from '#core/games/top-total/wording'
import { turnsProgress } from '#core/kit/turns'

const CALLED = { add: 'sum', times: 'product', difference: 'difference' } as const
const FACTS = { add: 'add', times: 'times', difference: 'subtract' } as const

/** Top Total: everyone rolls, adds or multiplies; the top result takes the round. */
export const topTotal = defineGame<TopRules, null, Roll, TopState, TopCodes>({
  id: 'top-total',
  about,
  ...rules,
  answerCalled: ({ combine }) => CALLED[combine],
  extraRound: () => true,
  presets: [
    { id: 'usual', label: 'Add two', hint: 'Two dice, ten rounds.', rules: {} },
    { id: 'difference', label: 'Difference', hint: 'The larger less the smaller.', rules: { combine: 'difference' } },
    { id: 'three', label: 'Add three', hint: 'Three dice.', rules: { dice: 3 } },
    { id: 'times', label: 'Times', hint: 'Two dice multiplied.', rules: { combine: 'times' } },
    {
      id: 'large',
      label: 'Large tables',
      hint: 'Two twelve-sided dice multiplied.',
      rules: { combine: 'times', sides: 12 },
    },
    {
      id: 'least',
      label: 'The least',
      hint: 'The lowest sum; level ones roll again.',
      rules: { better: 'lower', tiedRound: 'reroll' },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: (given) => ({
    needs: [
      { count: given.dice, what: given.dice === 1 ? 'die' : 'dice', detail: `with ${given.sides} sides` },
      {
        count: 1,
        what: 'sheet of paper',
        detail: `with ${given.rounds} lines, to write the results with < and > between`,
      },
    ],
    care: ['Dice can be swallowed: keep them from children under three.'],
  }),
  ready,
  plays,
  progress: ({ rounds }, state) => turnsProgress(state, rounds),
  standing: (_rules, state) => state.won,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, _state, { dice }) {
    const { terms, equals } = combined(dice, given.combine)
    return terms.length > 1
      ? [{ operation: FACTS[given.combine], terms: terms.map(({ value }) => value), answer: equals }]
      : []
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
