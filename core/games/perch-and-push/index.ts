import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/perch-and-push/about'
import type { PerchCodes } from '#core/games/perch-and-push/codes'
import { bot, deal, plays } from '#core/games/perch-and-push/bot'
import { readPlay, writePlay } from '#core/games/perch-and-push/notation'
import { predictions } from '#core/games/perch-and-push/predictions'
import { ready } from '#core/games/perch-and-push/ready'
import * as rules from '#core/games/perch-and-push/rules'
import type { PerchPlay, PerchRules, PerchState } from '#core/games/perch-and-push/rules'
import { wording } from '#core/games/perch-and-push/wording'
import { packSize } from '#core/kit/pack'
import { turnsProgress } from '#core/kit/turns'

/** Perch & Push: draw, work out, perch a marker on the result; push off a rival's markers and keep them. */
export const perchAndPush = defineGame<PerchRules, null, PerchPlay, PerchState, PerchCodes>({
  id: 'perch-and-push',
  about,
  ...rules,
  answerCalled: () => 'result',
  goal: ({ goal }) => goal,
  presets: [
    { id: 'ten', label: 'Add ten', hint: 'Cards 0 to 10, ten more.', rules: {} },
    {
      id: 'six',
      label: 'Times six',
      hint: 'The six times table.',
      rules: { combine: 'times', with: 6, pack: { low: 1, high: 10, copies: 4 } },
    },
    {
      id: 'seven',
      label: 'Times seven',
      hint: 'The seven times table.',
      rules: { combine: 'times', with: 7, pack: { low: 1, high: 10, copies: 4 } },
    },
    {
      id: 'nine',
      label: 'Times nine',
      hint: 'The nine times table; two of one’s own are safe.',
      rules: { combine: 'times', with: 9, pack: { low: 1, high: 10, copies: 4 }, safeStack: 2 },
    },
    { id: 'calm', label: 'Calm', hint: 'One card, stacks of two are safe.', rules: { draw: 1, safeStack: 2, goal: 5 } },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: (given, seats) => ({
    needs: [
      {
        count: packSize(given.pack),
        what: 'cards',
        detail: `${given.pack.low} to ${given.pack.high}, ${given.pack.copies} of each`,
      },
      { count: rules.resultsOf(given).length, what: 'places on the board', detail: rules.resultsOf(given).join(', ') },
      { count: 15 * seats, what: 'markers', detail: '15 for each player, in different shapes' },
      { count: 1, what: 'chart', detail: 'face down; it is opened only to settle a dispute' },
    ],
    care: ['Counters can be swallowed: keep them from children under three.'],
  }),
  ready,
  plays,
  progress: (_rules, state) => turnsProgress(state, null),
  standing: (_rules, state) => state.points,
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, _state, play) {
    if (play.do !== 'place') return []
    const factOf = (card: number, said?: number) => ({
      operation: given.combine === 'add' ? ('add' as const) : ('times' as const),
      terms: [card, given.with],
      answer: rules.resultOf(given, card),
      ...(said === undefined ? {} : { said }),
    })
    // All that was said was worked out; else the one that the marker went on.
    if (play.said) return play.cards.map((card, i) => factOf(card, play.said?.[i]))
    const card = play.cards.find((each) => rules.resultOf(given, each) === play.on) ?? play.cards[0]
    return card === undefined ? [] : [factOf(card)]
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
