import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/own-game/about'
import { bot, deal, plays, sameChance } from '#core/games/own-game/bot'
import type { OwnCodes } from '#core/games/own-game/codes'
import { facts } from '#core/games/own-game/facts'
import { defaults, houseRules, type OwnRules } from '#core/games/own-game/houseRules'
import { readPlay, writePlay } from '#core/games/own-game/notation'
import { presets } from '#core/games/own-game/presets'
import { problems } from '#core/games/own-game/problems'
import { predictions } from '#core/games/own-game/predictions'
import { ready } from '#core/games/own-game/ready'
import * as rules from '#core/games/own-game/rules'
import type { OwnPlay } from '#core/games/own-game/rules'
import { sayBrings } from '#core/games/own-game/sayRecipe'
import { open, scoresOf, type OwnState } from '#core/games/own-game/state'
import { wording } from '#core/games/own-game/wording'
import { turnsProgress } from '#core/kit/turns'

/** A Game of Your Own: the house rules are the game. */
export const ownGame = defineGame<OwnRules, null, OwnPlay, OwnState, OwnCodes>({
  id: 'own-game',
  about,
  ...rules,
  houseRules,
  defaults,
  presets,
  opening: z.null(),
  play: rules.playSchema,
  best: ({ wins }) => wins,
  goal: ({ goal }) => goal,
  answerCalled: ({ asks }) => (asks === 'nothing' ? null : asks === 'result' ? 'result' : 'running total'),
  extraRound: ({ rounds }) => rounds !== null,
  problemsTogether: true,
  problems,
  prepare: (given, seats) => ({
    needs: [
      { count: 1, what: sayBrings(given) },
      { count: seats, what: given.track ? 'markers' : 'score sheets' },
    ],
    care: ['Dice, counters and paper clips can be swallowed: keep them from children under three.'],
  }),
  ready,
  open,
  plays,
  sameChance,
  progress: ({ rounds }, state) => turnsProgress(state, rounds),
  standing: scoresOf,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  bot,
  facts,
  writePlay,
  readPlay,
  predictions,
  wording,
})
