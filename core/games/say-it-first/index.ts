import * as z from 'zod'
import { combined } from '#core/kit/dice'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/say-it-first/about'
import type { FirstCodes } from '#core/games/say-it-first/codes'
import { bot, deal, plays } from '#core/games/say-it-first/bot'
import { readPlay, writePlay } from '#core/games/say-it-first/notation'
import { ready } from '#core/games/say-it-first/ready'
import * as rules from '#core/games/say-it-first/rules'
import type { FirstRules, FirstState, Round } from '#core/games/say-it-first/rules'
import { wording } from '#core/games/say-it-first/wording'
import { packSize } from '#core/kit/pack'

/** Say It First: everyone turns a card; the first right answer with a reason keeps them. */
export const sayItFirst = defineGame<FirstRules, null, Round, FirstState, FirstCodes>({
  id: 'say-it-first',
  about,
  ...rules,
  commonDefaults: { explain: 'required' },
  presets: [
    { id: 'usual', label: 'Add, one to nine', hint: 'Until the pack is used up.', rules: {} },
    {
      id: 'small',
      label: 'To ten',
      hint: 'One to five: sums to ten.',
      rules: { pack: { low: 1, high: 5, copies: 6 } },
    },
    {
      id: 'times',
      label: 'Times',
      hint: 'The tables, two to nine.',
      rules: { combine: 'times', pack: { low: 2, high: 9, copies: 4 } },
    },
    {
      id: 'difference',
      label: 'Difference',
      hint: 'The larger less the smaller; for two players.',
      rules: { combine: 'difference', pack: { low: 1, high: 12, copies: 4 } },
      most: 2,
    },
    {
      id: 'calm',
      label: 'Without reasons',
      hint: 'Only the answer is called; nine rounds.',
      rules: { explain: 'off', rounds: 9 },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: ({ pack }) => ({
    needs: [
      {
        count: packSize(pack),
        what: 'number cards',
        detail: `${pack.low} to ${pack.high}, ${pack.copies} of each, in one stack or dealt out`,
      },
    ],
    care: ['A child may always pass on explaining aloud.'],
  }),
  ready,
  seatsNamed: ({ answers }) => answers.map(({ by }) => by),
  answering: ({ answers }) => answers,
  timing: () => 'now',
  plays,
  standing: (_rules, state) => state.kept,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts({ combine }, state, { cards, answers }) {
    if (cards.length !== rules.turnedAtOnce(state.seats)) return []
    const { terms, equals } = combined(cards, combine)
    const operation = combine === 'add' ? 'add' : combine === 'times' ? 'times' : 'subtract'
    const heard = new Set<number>()
    // Each player's first answer is a fact practised; what they say after that is a guess.
    return answers.flatMap(({ by, said, how }) => {
      if (heard.has(by)) return []
      heard.add(by)
      return [
        {
          operation,
          terms: terms.map(({ value }) => value),
          answer: equals,
          by,
          said,
          ...(how === undefined ? {} : { how }),
        },
      ]
    })
  },
  writePlay,
  readPlay,
  wording,
})
