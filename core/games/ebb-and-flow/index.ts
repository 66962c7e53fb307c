import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/ebb-and-flow/about'
import type { EbbCodes } from '#core/games/ebb-and-flow/codes'
import { bot, deal, plays } from '#core/games/ebb-and-flow/bot'
import { readPlay, writePlay } from '#core/games/ebb-and-flow/notation'
import { predictions } from '#core/games/ebb-and-flow/predictions'
import { ready } from '#core/games/ebb-and-flow/ready'
import * as rules from '#core/games/ebb-and-flow/rules'
import type { EbbRules, EbbState, Flip } from '#core/games/ebb-and-flow/rules'
import { sayDrift, wording } from '#core/games/ebb-and-flow/wording'
import { turnsProgress } from '#core/kit/turns'

/** Ebb & Flow: evens add, odds take away, nothing falls below zero. */
export const ebbAndFlow = defineGame<EbbRules, null, Flip, EbbState, EbbCodes>({
  id: 'ebb-and-flow',
  about,
  ...rules,
  answerCalled: () => 'running total',
  presets: [
    { id: 'usual', label: 'Evens add', hint: '4 to 9, four wilds.', rules: {} },
    {
      id: 'small',
      label: 'Small numbers',
      hint: '1 to 6, no wilds, six turns each.',
      rules: { ranks: [1, 2, 3, 4, 5, 6], wilds: 0, turns: 6 },
    },
    {
      id: 'colour',
      label: 'Warm and cool',
      hint: 'Warm adds, cool takes away.',
      rules: { swing: 'colour', ranks: [1, 2, 3, 4, 5, 6, 7, 8] },
    },
    { id: 'below', label: 'Below zero', hint: 'Totals may fall below zero.', rules: { floor: null, start: 0 } },
    {
      id: 'large',
      label: 'Two figures',
      hint: '10 to 19, from 40.',
      rules: { ranks: [10, 11, 12, 13, 14, 15, 16, 17, 18, 19], copies: 2, start: 40 },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: (given) => {
    const { up, down } = rules.tides(given)
    return {
      needs: [
        {
          count: up + down,
          what: 'number cards',
          detail: `${given.ranks.join(', ')}, ${given.copies} of each: ${up} ${given.swing === 'parity' ? 'evens' : 'warm'}, ${down} ${given.swing === 'parity' ? 'odds' : 'cool'}. ${sayDrift(given)}`,
        },
        ...(given.wilds ? [{ count: given.wilds, what: given.wilds === 1 ? 'wild' : 'wilds' }] : []),
      ],
      care: [],
    }
  },
  ready,
  judge: (given, state, play, { overrule }) => rules.judge(given, state, play, overrule),
  plays,
  progress: ({ turns }, state) => turnsProgress(state, turns, 'turn'),
  standing: (_rules, state) => state.totals,
  // Everything that was turned lies open; the pack is face down for all.
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, state, { by, card, colour }) {
    if (card === 'wild') return []
    const before = state.totals[by - 1] ?? given.start
    const { up, after, bare } = rules.flow(given, before, rules.cardOf(card, colour), state.wild)
    return after === bare ? [{ operation: up ? 'add' : 'subtract', terms: [before, card], answer: after }] : []
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
