import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/covered-part/about'
import type { CoverCodes } from '#core/games/covered-part/codes'
import { bot, deal, plays } from '#core/games/covered-part/bot'
import { readPlay, writePlay } from '#core/games/covered-part/notation'
import { ready } from '#core/games/covered-part/ready'
import * as rules from '#core/games/covered-part/rules'
import type { CoverPlay, CoverRules, CoverState } from '#core/games/covered-part/rules'
import { wording } from '#core/games/covered-part/wording'
import { turnsProgress } from '#core/kit/turns'

/** Covered Part: one rolls, tells the total and covers a part; the other finds it. */
export const coveredPart = defineGame<CoverRules, null, CoverPlay, CoverState, CoverCodes>({
  id: 'covered-part',
  about,
  ...rules,
  extraRound: () => true,
  presets: [
    { id: 'usual', label: 'Two dice', hint: 'Added, five rounds.', rules: {} },
    { id: 'ten', label: 'Up to twenty', hint: 'Dice with ten sides.', rules: { sides: 10 } },
    { id: 'dominoes', label: 'Dominoes', hint: '0 to 6 pips, each hidden once.', rules: { pieces: 'dominoes' } },
    { id: 'times', label: 'Times', hint: 'Dice with ten sides, multiplied.', rules: { combine: 'times', sides: 10 } },
  ],
  opening: z.null(),
  play: rules.playSchema,
  problems: () => [],
  prepare: (given) => ({
    needs: [
      given.pieces === 'dice'
        ? { count: 2, what: 'dice', detail: `with ${given.sides} sides` }
        : {
            count: rules.dominoesOf(given).length,
            what: 'dominoes',
            detail: `0 to ${given.sides} pips on each half${given.combine === 'times' ? '; the double blank stays out' : ''}`,
          },
      { count: 1, what: 'cup or hand', detail: 'to cover a part' },
    ],
    care: ['Dice and dominoes can be swallowed: keep them from children under three.'],
  }),
  ready,
  plays,
  progress: ({ rounds }, state) => turnsProgress(state, rounds),
  standing: (_rules, state) => state.found,
  deal,
  bot,
  facts(given, state, play) {
    if (play.do === 'hide') {
      const [a, b] = play.parts
      return [
        {
          operation: given.combine,
          terms: [a, b],
          answer: given.combine === 'add' ? a + b : a * b,
          said: play.announced,
        },
      ]
    }
    if (!state.hidden) return []
    const [shown, part, { total }] = [rules.shownPart(state.hidden), rules.coveredPart(state.hidden), state.hidden]
    // A missing factor is practised as its product; a missing part as what is taken away.
    return given.combine === 'add'
      ? [{ operation: 'subtract', terms: [total, shown], answer: part, said: play.said }]
      : [{ operation: 'times', terms: [shown, part], answer: total, said: shown * play.said }]
  },
  writePlay,
  readPlay,
  wording,
})
