import { defineGame } from '#core/contract/game'
import { about } from '#core/games/place-strike/about'
import type { StrikeCodes } from '#core/games/place-strike/codes'
import { bot, deal, dealOpening, plays } from '#core/games/place-strike/bot'
import { readPlay, writePlay } from '#core/games/place-strike/notation'
import { predictions } from '#core/games/place-strike/predictions'
import { ready } from '#core/games/place-strike/ready'
import * as rules from '#core/games/place-strike/rules'
import type { StrikeOpening, StrikePlay, StrikeRules, StrikeState } from '#core/games/place-strike/rules'
import { wording } from '#core/games/place-strike/wording'
import { inTurn, turnsProgress } from '#core/kit/turns'

/** Place Strike: write six numbers; a digit and a place are rolled; strike that digit there. */
export const placeStrike = defineGame<StrikeRules, StrikeOpening, StrikePlay, StrikeState, StrikeCodes>({
  id: 'place-strike',
  about,
  ...rules,
  goal: ({ strikes }) => strikes,
  presets: [
    { id: 'usual', label: 'Six digits', hint: 'Six numbers, four to strike.', rules: {} },
    {
      id: 'three',
      label: 'Three digits',
      hint: 'Ones, tens, hundreds; all three to strike.',
      rules: { digits: 3, strikes: 3 },
    },
    {
      id: 'four',
      label: 'Four digits',
      hint: 'To the thousands; three to strike.',
      rules: { digits: 4, numbers: 5, strikes: 3 },
    },
    {
      id: 'nine',
      label: 'Digits to nine',
      hint: 'With cards or a die of nine.',
      rules: { sides: 9, digits: 4, strikes: 3, numbers: 8 },
    },
    { id: 'even', label: 'Finish the round', hint: 'Several may win.', rules: { finish: 'even-turns' } },
  ],
  opening: rules.openingSchema,
  play: rules.playSchema,
  prepare: ({ numbers, digits, sides }, seats) => ({
    needs: [
      { count: 1, what: 'digit die', detail: `with ${sides} sides` },
      {
        count: 1,
        what: 'place die',
        detail: `1 is the ones, ${digits} the ${rules.PLACES[digits - 1]}; roll again above ${digits}`,
      },
      { count: seats, what: 'sheets', detail: `with ${numbers} numbers of ${digits} digits, and pencils` },
    ],
    care: ['Dice can be swallowed: keep them from children under three.'],
  }),
  ready,
  timing: (_rules, state, play) => inTurn(state, play),
  plays,
  progress: (_rules, state) => turnsProgress(state, null),
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  dealOpening,
  bot,
  facts(_rules, state, play) {
    if (play.do !== 'strike' || !state.boards[play.by - 1]?.[play.number - 1] || play.place < 1 || play.place > 6)
      return []
    const value = 10 ** (play.place - 1)
    return [{ operation: 'times', terms: [play.digit, value], answer: play.digit * value }]
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
