import * as z from 'zod'
import { total } from '#core/kit/dice'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/brim/about'
import type { BrimCodes } from '#core/games/brim/codes'
import { bot, deal, plays } from '#core/games/brim/bot'
import { readPlay, writePlay } from '#core/games/brim/notation'
import { predictions } from '#core/games/brim/predictions'
import { ready } from '#core/games/brim/ready'
import { allDice } from '#core/games/brim/dice'
import * as rules from '#core/games/brim/rules'
import type { BrimPlay, BrimRules, BrimState } from '#core/games/brim/rules'
import { wording } from '#core/games/brim/wording'
import { turnsProgress } from '#core/kit/turns'
import { groupTens } from '#core/contract/working'
import { ofSeat } from '#core/kit/seats'

/** Brim: roll the dice, freeze some, roll the rest; fill up to the limit without spilling over. */
export const brim = defineGame<BrimRules, null, BrimPlay, BrimState, BrimCodes>({
  id: 'brim',
  about,
  ...rules,
  answerCalled: () => 'sum',
  extraRound: () => true,
  presets: [
    { id: 'short', label: 'Short', hint: 'Five rounds with five dice, up to 20.', rules: {} },
    { id: 'common', label: 'Nine rounds', hint: 'The usual long match.', rules: { rounds: 9 } },
    { id: 'first-steps', label: 'First steps', hint: 'Three dice, up to 12.', rules: { dice: 3, limit: 12, rolls: 3 } },
    {
      id: 'bold',
      label: 'Freeze each time',
      hint: 'At least one die is frozen before each roll.',
      rules: { mustFreeze: 1 },
    },
    { id: 'big', label: 'Big dice', hint: 'Ten-sided dice, up to 40.', rules: { sides: 10, limit: 40 } },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: (given) => ({
    needs: [
      { count: given.dice, what: given.dice === 1 ? 'die' : 'dice', detail: `with ${given.sides} sides` },
      {
        count: 1,
        what: 'tray or box lid',
        detail: 'so that dice stay on the table; a corner of it keeps the frozen ones',
      },
    ],
    care: ['Dice can be swallowed: keep them from children under three.'],
  }),
  ready,
  plays,
  progress: ({ rounds }, state) => turnsProgress(state, rounds),
  standing: (_rules, state) => state.totals,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, state, play) {
    if (play.do === 'roll') return []
    const dice = allDice(state)
    const groups = groupTens(dice)
    const facts = groups
      .filter((group) => group.length > 1)
      .map((terms) => ({ operation: 'add' as const, terms, answer: total(terms) }))
    if (groups.length > 1) facts.push({ operation: 'add', terms: groups.map(total), answer: total(dice) })
    const before = ofSeat(state.totals, state.turn)
    const points = total(dice) <= given.limit ? total(dice) : 0
    if (before > 0 && points > 0)
      facts.push({
        operation: 'add',
        terms: [before, points],
        answer: before + points,
        ...(play.total === undefined ? {} : { said: play.total }),
      })
    return facts
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
