import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/token-dip/about'
import type { DipCodes } from '#core/games/token-dip/codes'
import { bot, deal, plays } from '#core/games/token-dip/bot'
import { readPlay, writePlay } from '#core/games/token-dip/notation'
import { predictions } from '#core/games/token-dip/predictions'
import { ready } from '#core/games/token-dip/ready'
import * as rules from '#core/games/token-dip/rules'
import type { DipPlay, DipRules, DipState } from '#core/games/token-dip/rules'
import { wording } from '#core/games/token-dip/wording'

/** Token Dip: draw a token blind; its colour is worth what the key says; add up. */
export const tokenDip = defineGame<DipRules, null, DipPlay, DipState, DipCodes>({
  id: 'token-dip',
  about,
  ...rules,
  goal: ({ mode, goal }) => (mode === 'first-to' ? goal : null),
  answerCalled: () => 'running total',
  extraRound: ({ mode }) => mode === 'turns',
  presets: [
    { id: 'usual', label: 'First to 50', hint: 'Six tokens, from nothing to fifteen.', rules: {} },
    {
      id: 'small',
      label: 'First to 20',
      hint: 'Four tokens, one to four.',
      rules: {
        key: [
          { token: 'coral', worth: 1 },
          { token: 'amber', worth: 2 },
          { token: 'teal', worth: 3 },
          { token: 'plum', worth: 4 },
        ],
        goal: 20,
      },
    },
    {
      id: 'below',
      label: 'Below zero',
      hint: 'Some tokens take away; ten turns.',
      rules: {
        key: [
          { token: 'coral', worth: 5 },
          { token: 'amber', worth: 8 },
          { token: 'teal', worth: -3 },
          { token: 'plum', worth: -6 },
          { token: 'slate', worth: 10 },
        ],
        floor: null,
        mode: 'turns',
      },
    },
    {
      id: 'counted',
      label: 'A counted bag',
      hint: 'Everybody knows what is left in it.',
      rules: { bag: { coral: 6, amber: 5, teal: 6, plum: 4, slate: 2, white: 3 }, mode: 'turns', turns: 6 },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: ({ key, bag }, seats) => ({
    needs: [
      { count: 1, what: 'bag', detail: 'nobody can see through' },
      ...key.map(({ token, worth }) => ({
        count: bag ? (bag[token] ?? 0) : 6,
        what: `${token} tokens`,
        detail: `worth ${worth}`,
      })),
      { count: seats, what: 'dishes', detail: 'for what was dipped' },
    ],
    care: [
      'Tokens can be swallowed: keep them from children under three.',
      'Tokens handled in a shared bag are for counting, not for eating; mind allergies where food is used.',
    ],
  }),
  ready,
  plays,
  standing: (_rules, state) => state.totals,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, state, play) {
    const before = state.totals[play.by - 1] ?? 0
    const worth = play.do === 'dip' ? rules.worthOf(given, play.token) : undefined
    if (!worth || !before) return []
    const answer = before + worth
    return [{ operation: worth > 0 ? 'add' : 'subtract', terms: [before, Math.abs(worth)], answer }]
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
