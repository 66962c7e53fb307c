import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/six-heaps/about'
import type { HeapCodes } from '#core/games/six-heaps/codes'
import { linesThrough, topAt, withCard } from '#core/games/six-heaps/block'
import { bot, deal, plays } from '#core/games/six-heaps/bot'
import { readPlay, writePlay } from '#core/games/six-heaps/notation'
import { ready } from '#core/games/six-heaps/ready'
import * as rules from '#core/games/six-heaps/rules'
import type { HeapPlay, HeapRules, HeapState } from '#core/games/six-heaps/rules'
import { wording } from '#core/games/six-heaps/wording'
import { packSize } from '#core/kit/pack'
import { inTurn, turnsProgress } from '#core/kit/turns'

/** Six Heaps: play a card onto any heap; straight neighbours that make the target score. */
export const sixHeaps = defineGame<HeapRules, null, HeapPlay, HeapState, HeapCodes>({
  id: 'six-heaps',
  about,
  ...rules,
  goal: ({ goal }) => goal,
  presets: [
    { id: 'usual', label: 'Fourteen', hint: 'Two rows of three.', rules: {} },
    {
      id: 'ten',
      label: 'Ten',
      hint: 'Cards one to nine; for the first sums.',
      rules: { target: 10, pack: { low: 1, high: 9, copies: 4 }, hand: 4 },
    },
    {
      id: 'spotted',
      label: 'Spot it',
      hint: 'Only lines that are named score; first to ten.',
      rules: { counted: 'spotted', goal: 10 },
    },
    { id: 'nine', label: 'Nine heaps', hint: 'Three rows of three, to 18.', rules: { rows: 3, target: 18 } },
    {
      id: 'zeros',
      label: 'With zeros',
      hint: 'A zero at the end of a line makes a second one.',
      rules: { pack: { low: 0, high: 10, copies: 4 } },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: ({ pack, rows, columns, hand }, seats) => ({
    needs: [
      {
        count: packSize(pack),
        what: 'number cards',
        detail: `${pack.low} to ${pack.high}, ${pack.copies} of each; ${hand} for each of the ${seats}, the rest is the stock`,
      },
      {
        count: rows * columns,
        what: 'bare places',
        detail: `${rows} rows of ${columns}: a mat, or places marked with tape`,
      },
    ],
    care: [],
  }),
  ready,
  timing: (_rules, state, play) => inTurn(state, play),
  plays,
  progress: (_rules, state) => turnsProgress(state, null),
  standing: (_rules, state) => state.scores,
  // What is known of hands and stock is the referee's.
  view: (_rules, { heaps, hands, stock, scores, newest }) => ({
    heaps,
    hands: hands.map(({ size }) => size),
    stock,
    scores,
    newest,
  }),
  shown: (_rules, state, play) => {
    if (play.do !== 'place' || !state.order) return play
    const { drew: _drew, ...rest } = play
    return rest
  },
  deal,
  bot,
  facts(given, state, play) {
    if (play.do !== 'place' || topAt(state.heaps, play.at) === undefined) return []
    const heaps = withCard(state.heaps, play.at, play.card)
    return linesThrough(heaps, play.at, given.target).map((line) => ({
      operation: 'add' as const,
      terms: line.map((spot) => topAt(heaps, spot)!),
      answer: given.target,
    }))
  },
  writePlay,
  readPlay,
  wording,
})
