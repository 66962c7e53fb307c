import * as z from 'zod'
import { defineGame, type NumberFact } from '#core/contract/game'
import { about } from '#core/games/column-keeper/about'
import type { KeeperCodes } from '#core/games/column-keeper/codes'
import { bot, deal, plays } from '#core/games/column-keeper/bot'
import { readPlay, writePlay } from '#core/games/column-keeper/notation'
import { predictions } from '#core/games/column-keeper/predictions'
import { ready } from '#core/games/column-keeper/ready'
import * as rules from '#core/games/column-keeper/rules'
import type { KeeperPlay, KeeperRules, KeeperState } from '#core/games/column-keeper/rules'
import { wording } from '#core/games/column-keeper/wording'
import { packSize } from '#core/kit/pack'
import { turnsProgress } from '#core/kit/turns'

/** Column Keeper: draw digits one by one, put each in a column for good, make the best number. */
export const columnKeeper = defineGame<KeeperRules, null, KeeperPlay, KeeperState, KeeperCodes>({
  id: 'column-keeper',
  about,
  ...rules,
  answerCalled: () => 'total',
  extraRound: () => true,
  presets: [
    { id: 'usual', label: 'Three columns', hint: 'Two cards in each, one thrown away.', rules: {} },
    { id: 'calm', label: 'No regrouping', hint: 'Digits 1 to 4.', rules: { pack: { low: 1, high: 4, copies: 8 } } },
    { id: 'single', label: 'One card each', hint: 'Only place value, nothing to add.', rules: { perColumn: 1 } },
    {
      id: 'four',
      label: 'Four columns',
      hint: 'Thousands too.',
      rules: { columns: 4, pack: { low: 0, high: 9, copies: 4 } },
    },
    { id: 'smallest', label: 'Smallest', hint: 'The other way round.', rules: { aim: 'smallest' } },
    {
      id: 'nearest',
      label: 'Nearest to 1000',
      hint: 'Neither too much nor too little.',
      rules: { aim: 'nearest', to: 1000 },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: (given, seats) => ({
    needs: [
      {
        count: packSize(given.pack),
        what: 'digit cards',
        detail: `${given.pack.low} to ${given.pack.high}, ${given.pack.copies} of each; an ace is 1, tens and faces stay out`,
      },
      {
        count: seats,
        what: seats === 1 ? 'sheet' : 'sheets',
        detail: `with ${given.columns} columns of ${given.perColumn}`,
      },
    ],
    care: [],
  }),
  ready,
  plays,
  progress: ({ rounds }, state) => turnsProgress(state, rounds),
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, state, play) {
    const sheet = state.sheets[play.by - 1]
    if (play.do !== 'total' || !sheet) return []
    const { steps, total } = rules.columnsOf(sheet)
    const facts: NumberFact[] = steps
      .map(({ cards, carried, sum }) => ({
        operation: 'add' as const,
        terms: carried ? [...cards, carried] : cards,
        answer: sum,
      }))
      .filter(({ terms }) => terms.length > 1)
    const parts = steps.map(({ digit }, i) => digit * 10 ** i).reverse()
    return [...facts, { operation: 'add', terms: parts, answer: total }]
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
