import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/call-row/about'
import type { RowCodes } from '#core/games/call-row/codes'
import { bot, deal, plays } from '#core/games/call-row/bot'
import { readPlay, writePlay } from '#core/games/call-row/notation'
import { predictions } from '#core/games/call-row/predictions'
import { ready } from '#core/games/call-row/ready'
import * as rules from '#core/games/call-row/rules'
import type { RowPlay, RowRules, RowState } from '#core/games/call-row/rules'
import { findSigns, signedFacts } from '#core/kit/signing'
import { wording } from '#core/games/call-row/wording'
import { packSize } from '#core/kit/pack'
import { NO_ROUNDS } from '#core/kit/turns'

/** Call the Row: cards are dealt face up; whoever first sees cards that make the target calls them. */
export const callRow = defineGame<RowRules, null, RowPlay, RowState, RowCodes>({
  id: 'call-row',
  about,
  ...rules,
  turns: () => false,
  goal: ({ steps }) => steps,
  presets: [
    { id: 'usual', label: 'Ten', hint: 'Adding and taking away, eight steps.', rules: {} },
    {
      id: 'add',
      label: 'Only add',
      hint: 'For the first sums; five steps.',
      rules: { signs: 'add', steps: 5, pack: { low: 1, high: 9, copies: 4 } },
    },
    { id: 'two', label: 'Two cards', hint: 'Pairs and differences only.', rules: { maxCards: 2 } },
    {
      id: 'twelve',
      label: 'Twelve',
      hint: 'Zeros come along; a wrong call costs a step.',
      rules: { target: 12, pack: { low: 0, high: 10, copies: 4 }, wrongCall: 'step-back' },
    },
    {
      id: 'twenty',
      label: 'Twenty',
      hint: 'Mostly three cards and more.',
      rules: { target: 20, wrongCall: 'sit-out' },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: ({ pack, steps }, seats) => ({
    needs: [
      {
        count: packSize(pack),
        what: 'number cards',
        detail: `${pack.low} to ${pack.high}, ${pack.copies} of each, shuffled, face down`,
      },
      { count: seats, what: 'climbers', detail: `a piece each, and ${steps} steps to climb` },
    ],
    care: ['Small pieces can be swallowed: keep them from children under three.'],
  }),
  ready,
  timing: () => 'now',
  plays,
  progress: () => NO_ROUNDS,
  standing: (_rules, state) => state.steps,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, _state, play) {
    if (play.do !== 'call') return []
    const signs = findSigns(play.cards, given.target, given.signs === 'add-subtract')
    return signs && play.cards.length > 1 ? signedFacts(play.cards, signs, given.target) : []
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
